/** A slide each and a copy per group, with five students; a copy each is in the whole lesson's test. */
import * as messages from '@gobrel/messages';
import { addItem, addSlide, applyChanges, emptyDeck } from '@gobrel/core/deck';
import { expect, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { lessonOf, row, student } from './handed-out';
import { join, newClassByHand, newTeacher, odile, saved, tablet } from './people';
import { asSaid } from './as-said';

test('a slide each: five students, each first on their own card; it takes pictures, signs and ink, and is kept as a deck', async ({
  page,
  browser,
}) => {
  test.setTimeout(180_000);
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'species-cards', workMode: 'slide-each' });
  const noor = await student(browser, lesson, 'Noor Ashby', { permissions: ['camera'] });
  await expect(noor.getByRole('group', { name: 'Noor Ashby', exact: true })).toBeVisible();

  // Four others, each first on their own card: one writes by keys, one without a network; led and let go again.
  const names = ['Amaro Finch', 'Bexley Tarn', 'Cosima Rudd', 'Dov Kestrel'] as const;
  const others = await Promise.all(names.map((name) => student(browser, lesson, name)));
  const [keys, drops] = others;
  if (!keys || !drops) throw new Error('four came in');
  for (const [at, each] of others.entries())
    await expect(each.getByRole('group', { name: names[at] ?? '', exact: true })).toBeVisible();
  await keys.getByLabel(messages.questions.newShort).focus();
  await keys.keyboard.type('barn owl');
  await drops.context().setOffline(true);
  await drops.getByLabel(messages.questions.newShort).fill('otter');
  await expect(drops.getByText(messages.kept['on-device'])).toBeVisible();
  await drops.context().setOffline(false);
  await saved(drops);
  await saved(keys);
  await page.goto(`/lessons/${lesson.id}`);
  await page.getByRole('radio', { name: messages.handOut.paces.together.name }).click();
  for (const each of [noor, ...others]) await expect(each.getByText(messages.student.isLed)).toBeVisible();
  await page.getByRole('radio', { name: messages.handOut.paces['own-pace'].name }).click();
  await expect(keys.getByLabel(messages.questions.newShort)).toHaveValue('barn owl');
  await expect(drops.getByLabel(messages.questions.newShort)).toHaveValue('otter');
  for (const each of others) await each.context().close();

  await noor.getByRole('button', { name: /^Your species/ }).tap();
  await noor.getByRole('textbox', { name: messages.onSlides.yourText }).fill('It hangs upside down.');
  await noor.getByRole('button', { name: messages.onSlides.adding.smaller }).tap();
  await noor.getByRole('button', { name: messages.onSlides.adding.smaller }).tap();
  await expect(noor.getByText(messages.onSlides.adding.hardToSee['small-letters'])).toBeVisible();
  await noor.getByRole('button', { name: messages.student.larger }).tap();
  await noor.getByRole('button', { name: messages.onSlides.adding.camera }).tap();
  await noor.getByRole('button', { name: messages.adding.take }).tap();
  await noor.getByLabel(messages.adding.alt).fill('a bat');
  await noor.getByRole('dialog').getByRole('button', { name: messages.adding.add, exact: true }).tap();
  await expect(noor.getByRole('img', { name: 'a bat' })).toBeVisible();
  await noor.getByRole('button', { name: messages.onSlides.adding.picture, exact: true }).tap();
  await noor.getByRole('searchbox', { name: messages.adding.library.find }).fill('submarine');
  await expect(noor.getByText(asSaid(messages.adding.library.none, { looked: 'submarine' }))).toBeVisible();
  await noor.getByRole('searchbox', { name: messages.adding.library.find }).fill('full moon');
  await noor.getByRole('button', { name: /The full moon over the sea/ }).tap();
  await noor.getByRole('dialog').getByRole('button', { name: messages.adding.add, exact: true }).tap();
  await expect(noor.getByRole('img', { name: 'The full moon over the sea' })).toBeVisible();
  await expect(noor.getByText(messages.adding.library.credit({ by: 'Gobrel', licence: 'CC0 1.0' }))).toBeVisible();
  await noor.getByRole('button', { name: messages.onSlides.adding.sign, exact: true }).tap();
  await noor.getByRole('radio', { name: messages.signs.sets.signs }).check();
  await noor.getByRole('dialog').getByRole('searchbox').fill('feather');
  await noor.getByRole('dialog').getByRole('button', { name: 'feather', exact: true }).tap();
  await expect(noor.getByRole('img', { name: 'feather' })).toBeVisible();
  await noor.getByRole('button', { name: messages.onSlides.adding.sign, exact: true }).tap();
  await noor.getByRole('dialog').getByRole('searchbox').fill('bat');
  await noor.getByRole('dialog').getByRole('button', { name: 'bat', exact: true }).tap();
  await noor.getByRole('button', { name: messages.onSlides.adding.pen }).tap();
  await noor.getByRole('application').focus();
  await noor.keyboard.press('Space');
  for (let step = 0; step < 6; step += 1) await noor.keyboard.press('ArrowRight');
  await noor.keyboard.press('Space');
  await noor.getByRole('button', { name: messages.onSlides.adding.done, exact: true }).tap();
  await saved(noor);
  await noor.getByRole('button', { name: messages.student.submit }).tap();
  await noor.getByRole('dialog').getByRole('button', { name: messages.student.submit }).tap();
  await expect(noor.getByText(asSaid(messages.student.submitted, { at: 0 }))).toBeVisible();

  await page.goto(`/lessons/${lesson.id}`);
  await page.getByRole('button', { name: messages.lessons.more }).click();
  await page.getByRole('menuitem', { name: messages.lessons.keepDeck }).click();
  await expectClean(page);
  await page.getByRole('combobox', { name: messages.lessons.names }).selectOption('shortened');
  await page.getByRole('button', { name: messages.lessons.shareDeck }).click();
  const link = await page.getByRole('textbox', { name: messages.lessons.parentsLink }).inputValue();
  await expectClean(page);
  const parent = await (await browser.newContext()).newPage();
  await parent.goto(link);
  await expect(parent.getByRole('heading', { level: 1, name: 'Our species cards, 6 Heron' })).toBeVisible();
  const seen = await (await parent.request.get(new URL(link).pathname.replace('/show/', '/api/shows/'))).text();
  expect(seen).toContain('Noor A.');
  expect(seen).not.toContain('Noor Ashby');
  await parent.context().close();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.lessons.more }).click();
  await page.getByRole('menuitem', { name: messages.lessons.keepDeck }).click();
  await page.getByRole('button', { name: messages.lessons.saveDeck }).click();
  await page.getByRole('button', { name: messages.lessons.openDeck }).click();
  await expect(page.getByRole('textbox', { name: messages.library.deckTitle })).toHaveValue(
    'Our species cards, 6 Heron',
  );
  await expect(page.getByRole('listitem').filter({ hasText: 'Noor Ashby' }).first()).toBeVisible();
  await noor.context().close();
});

test('a copy per group: five students, two work in one, see each other point, and submit once', async ({
  page,
  browser,
}) => {
  test.setTimeout(120_000);
  await newTeacher(page);
  await newClassByHand(page, '5 Plover', [
    'Ada Byng, Reeds',
    'Bo Carr, Reeds',
    'Cy Dunn',
    'Dee Ellis, Sedge',
    'Eve Frost, Sedge',
  ]);
  const classes = (await (await page.request.get('/api/classes')).json()) as { id: string }[];
  await page.goto('/');
  const made = await page.request.post('/api/decks', { data: { title: 'In pairs' } });
  const { id: deckId } = (await made.json()) as { id: string };
  const lesson = await lessonOf(page, { deckId, classId: classes[0]?.id, workMode: 'copy-per-group' });
  const come = async (name: string) => {
    const device = await (await tablet(browser)).newPage();
    await join(device, lesson.code, name, '1234');
    return device;
  };
  const [ada, bo] = [await come('Ada Byng'), await come('Bo Carr')];
  // A student without a group has a copy of their own; another group has another one.
  const [cy, dee, eve] = [await come('Cy Dunn'), await come('Dee Ellis'), await come('Eve Frost')];
  await expect(dee.getByText('Sedge · Dee Ellis')).toBeVisible();
  await expect(eve.getByText('Sedge · Eve Frost')).toBeVisible();
  await expect(ada.getByText('Reeds · Ada Byng')).toBeVisible();
  const slide = ada.getByRole('img').or(ada.getByRole('group')).first();
  const box = await slide.boundingBox();
  await ada.mouse.move((box?.x ?? 0) + 200, (box?.y ?? 0) + 120);
  await expect(bo.getByText('Ada Byng', { exact: true })).toBeVisible();
  await bo.getByRole('button', { name: messages.student.submit }).tap();
  await bo.getByRole('dialog').getByRole('button', { name: messages.student.submit }).tap();
  await expect(ada.getByText(asSaid(messages.student.submitted, { at: 0 }))).toBeVisible();
  await page.goto(`/lessons/${lesson.id}`);
  await expect(page.getByRole('row', { name: /Reeds/ })).toContainText('Ada Byng, Bo Carr');
  await expect(page.getByRole('row', { name: /Sedge/ })).toContainText('Dee Ellis, Eve Frost');
  await expect(row(page, 'Cy Dunn')).toBeVisible();
  await page.getByRole('radio', { name: messages.handOut.paces.together.name }).click();
  for (const each of [cy, dee, eve]) await expect(each.getByText(messages.student.isLed)).toBeVisible();
  await page.getByRole('radio', { name: messages.handOut.paces['own-pace'].name }).click();
  for (const each of [cy, dee, eve]) await expect(each.getByText(messages.student.isLed)).toBeHidden();
  for (const each of [ada, bo, cy, dee, eve]) await each.context().close();
});

test('two of a group write in one answer at once: every letter stays, and so does the caret', async ({
  page,
  browser,
}) => {
  await odile(page);
  const empty = emptyDeck('Tides');
  const withSlide = applyChanges(empty, addSlide(empty, { id: 'tides', name: 'Tides' }));
  const question = { id: 'why', slideId: 'tides', kind: 'long-text', fields: { prompt: 'Why?' } } as const;
  const deck = applyChanges(withSlide, addItem(withSlide, question));
  const made = await page.request.post('/api/decks', { data: { title: 'Tides', deck } });
  const { id: deckId } = (await made.json()) as { id: string };
  const lesson = await lessonOf(page, { deckId, workMode: 'copy-per-group' });
  // Both are of the group that is called after terns.
  const [amaro, elowen] = [
    await student(browser, lesson, 'Amaro Finch'),
    await student(browser, lesson, 'Elowen Pike'),
  ];
  const field = (each: Page) => each.getByRole('textbox', { name: 'Why?' });
  await field(amaro).fill('The sea rises.');
  await expect(field(elowen)).toHaveValue('The sea rises.');
  // One writes at the end, letter by letter, while the other writes at the beginning.
  await field(amaro).press('End');
  await field(elowen).press('Home');
  await Promise.all([
    field(amaro).pressSequentially(' It falls again.', { delay: 30 }),
    field(elowen).pressSequentially('Look: ', { delay: 70 }),
  ]);
  for (const each of [amaro, elowen]) await expect(field(each)).toHaveValue('Look: The sea rises. It falls again.');
  // Without a network one goes on, and so does the other; both have everything afterwards.
  await elowen.context().setOffline(true);
  await field(elowen).pressSequentially('Well, ');
  await field(amaro).pressSequentially(' Twice a day.');
  await elowen.context().setOffline(false);
  for (const each of [amaro, elowen]) {
    await expect(field(each)).toHaveValue(/Look: Well, The sea rises\. It falls again\. Twice a day\.$/);
    await saved(each);
    await each.context().close();
  }
});
