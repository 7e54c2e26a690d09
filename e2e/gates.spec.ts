/** Links that wait, links that go by an answer, and where else links can lead. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { dragBy, item, join, middleOf, newDeck, newTeacher, odile, ownCopy, saved } from './people';
import { startOf } from './as-said';

const pressLink = async (page: Page, name: RegExp) => {
  await item(page, name).click();
  await page.keyboard.press('Control+k');
};
const dialog = (page: Page) => page.getByRole('dialog', { name: /^Link “.*to …$/ });

test('a wrong answer leads to the help that fits, and a gate says what is missing; a student too', async ({
  page,
  browser,
}) => {
  await odile(page);
  const deckId = await ownCopy(page, 'night-walk');
  await page.goto(`/decks/${deckId}?slide=trail`);
  await pressLink(page, /^Shape, “It was an otter/);
  await page.getByRole('tab', { name: messages.links.kinds['by-answer'] }).click();
  await dialog(page).getByLabel(messages.links.ifRight).selectOption({ label: 'The otter' });
  await dialog(page).getByLabel(messages.links.ifWrong).selectOption({ label: 'Tide table' });
  await dialog(page).getByLabel('B a water rail').selectOption({ label: 'The water rail' });
  await dialog(page).getByRole('button', { name: messages.links.useAnswer }).click();
  // The slide shows each way, and so does the map.
  const leads = page.getByRole('navigation', { name: messages.editor.leadsTo });
  await expect(leads).toContainText(messages.links.branches.right);
  await expect(leads).toContainText(messages.links.branches.choice({ letter: 'B' }));
  await pressLink(page, /^Shape, “It was a water rail/);
  await dialog(page).getByLabel(messages.links.gate).selectOption({ label: messages.links.gates.right });
  await page.keyboard.press('Escape');
  await expect(page.getByText(messages.gates.opens.right({ item: '“Who went this way?”' })).first()).toBeVisible();
  await saved(page);

  // The show has the key: it goes by what is picked there.
  await page.goto(`/decks/${deckId}/show/trail`);
  const slide = (name: string) => page.getByRole('group', { name, exact: true });
  await page.getByRole('link', { name: 'It was an otter' }).click();
  await expect(page.getByText(messages.walking.unanswered)).toBeVisible();
  await page.getByRole('link', { name: 'It was a water rail' }).click();
  await expect(page.getByText(messages.gates.missing.right({ item: '“Who went this way?”' }))).toBeVisible();
  await page.getByRole('radio', { name: /a fox/ }).check();
  await page.getByRole('link', { name: 'It was an otter' }).click();
  await expect(slide('Tide table')).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await page.getByRole('radio', { name: /an otter/ }).check();
  await page.getByRole('link', { name: 'It was a water rail' }).click();
  await expect(slide('The water rail')).toBeVisible();

  // A student has no key: the server judges, and only what a link goes by.
  await page.goto(`/decks/${deckId}`);
  await page.getByRole('button', { name: messages.handOut.action }).click();
  await page.getByRole('dialog').getByRole('button', { name: messages.handOut.action }).click();
  const code =
    (await page
      .getByText(/^[A-Z]{4}-\d{3}$/)
      .first()
      .textContent()) ?? '';
  const student = await (await browser.newContext({ hasTouch: true })).newPage();
  await join(student, code, 'Farid Moss', '2468');
  await student.getByRole('link', { name: 'Step onto the boards' }).click();
  await student.getByRole('link', { name: 'Follow the splash' }).click();
  await student.getByRole('link', { name: 'Follow the trail' }).click();
  await student.getByRole('link', { name: 'It was a water rail' }).click();
  await expect(student.getByText(messages.gates.missing.right({ item: '“Who went this way?”' }))).toBeVisible();
  await student.getByRole('radio', { name: /a fox/ }).check();
  await student.getByRole('link', { name: 'It was an otter' }).click();
  await expect(student.getByRole('group', { name: 'Tide table' })).toBeVisible();
  await student.getByRole('button', { name: messages.walking.back, exact: true }).click();
  await student.getByRole('radio', { name: /an otter/ }).check();
  await student.context().setOffline(true);
  await student.getByRole('link', { name: 'It was a water rail' }).click();
  await expect(student.getByText(messages.walking.cannotCheck)).toBeVisible();
  await student.context().setOffline(false);
  await expect(student.getByText(messages.kept.saved, { exact: true })).toBeVisible();
  await student.getByRole('link', { name: 'It was a water rail' }).click();
  await expect(student.getByRole('group', { name: 'The water rail' })).toBeVisible();
});

test('slides behind a locked link stay off a student’s device until the link opens, which takes a network', async ({
  page,
  browser,
}) => {
  await odile(page);
  await page.goto('/decks/night-walk');
  await page.getByRole('button', { name: messages.handOut.action }).click();
  const dialogue = page.getByRole('dialog');
  await dialogue.getByText(messages.handOut.more).click();
  await expect(dialogue.getByLabel(messages.handOut.withholds)).toHaveAccessibleDescription(
    messages.handOut.withholdsHint,
  );
  await dialogue.getByLabel(messages.handOut.withholds).check();
  await dialogue.getByRole('button', { name: messages.handOut.action }).click();
  const code =
    (await page
      .getByText(/^[A-Z]{4}-\d{3}$/)
      .first()
      .textContent()) ?? '';

  const student = await (await browser.newContext({ hasTouch: true })).newPage();
  const editions: string[] = [];
  student.on('response', (response) => {
    if (response.url().endsWith('/api/my-lesson/edition'))
      // One that was announced with the page may be gone with the page before it; the next one is the same.
      response.text().then(
        (text) => editions.push(text),
        () => undefined,
      );
  });
  await join(student, code, 'Farid Moss', '2468');
  const follow = (name: string) => student.getByRole('link', { name }).click();
  const slide = (name: string) => student.getByRole('group', { name, exact: true });
  await follow('Step onto the boards');
  await follow('Follow the splash');
  await follow('Follow the trail');
  await student.getByRole('radio', { name: /an otter/ }).check();
  // Which way it goes is asked of the server; what lies there comes with the answer.
  await student.getByRole('link', { name: /otter/ }).first().click();
  await expect(slide('The otter')).toBeVisible();
  await follow('Look at the water');
  await expect(slide('The tide turns')).toBeVisible();
  await follow('Along the high bank');
  await expect(student.getByText(messages.gates.missing.seen({ slide: '“Tide table”' }))).toBeVisible();
  expect(editions.join()).toContain('The boardwalk splits');
  expect(editions.join()).not.toContain('four birds that nobody else did');
  await follow('Look up the tide');
  await follow('Back');
  await student.context().setOffline(true);
  await follow('Along the high bank');
  await expect(student.getByText(messages.walking.notBrought)).toBeVisible();
  await expect(slide('The tide turns')).toBeVisible();
  await student.context().setOffline(false);
  await expect(student.getByText(messages.kept.saved, { exact: true })).toBeVisible();
  await follow('Along the high bank');
  await expect(slide('Ending: the long way')).toBeVisible();
  await expect.poll(() => editions.join()).toContain('four birds that nobody else did');
  // What was come to stays, without a network too, once it is kept.
  const isKept = () =>
    student.evaluate(async () =>
      (await (await caches.match('/api/my-lesson/edition'))?.text())?.includes('four birds'),
    );
  await expect.poll(isKept).toBe(true);
  await student.context().setOffline(true);
  await student.reload();
  await expect(slide('Ending: the long way')).toBeVisible();
});

test('a gate that can never open is pointed out on the map', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Shut');
  await page.getByLabel(messages.editor.slideName).fill('Gate');
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await page.getByLabel(messages.editor.slideName).fill('Hide');
  await page.getByRole('button', { name: /^1 Gate/ }).click();
  await page.getByRole('radio', { name: messages.editor.exitsLinks }).click();
  await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).click();
  await page.keyboard.press('Control+k');
  await dialog(page).getByLabel(messages.links.gate).selectOption({ label: messages.links.gates.seen });
  await dialog(page).getByLabel(messages.links.gateOf.seen).selectOption({ label: 'Hide' });
  await dialog(page).getByRole('button', { name: 'Hide', exact: true }).click();
  await page.getByRole('radio', { name: messages.order.sees.map, exact: true }).click();
  const map = page.getByRole('main', { name: messages.routes.map });
  await expect(map.getByRole('button', { name: /^1 Gate/ })).toHaveAccessibleName(/Link never unlocks|Dead end/);
  await expect(map.getByRole('button', { name: /^2 Hide/ })).toHaveAccessibleName(/Linked, but nobody gets there/);
  await expect(
    map.getByRole('group', { name: /^From Gate to Hide.*unlocks when “Hide” has been visited/ }),
  ).toBeAttached();
});

test('a link is drawn from an item to a slide; a group carries one; a press removes it', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Drawn links');
  await page.getByLabel(messages.editor.slideName).fill('Gate');
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await page.getByLabel(messages.editor.slideName).fill('Hide');
  await page.getByRole('button', { name: /^1 Gate/ }).click();
  await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).click();
  await saved(page);
  const handle = page.getByRole('button', { name: new RegExp(`^${messages.editor.dragLink}`) });
  const [from, to] = [await middleOf(handle), await middleOf(page.getByRole('button', { name: /^2 Hide/ }))];
  const leads = page.getByRole('navigation', { name: messages.editor.leadsTo });
  await dragBy(page, handle, to.x - from.x, to.y - from.y, ['Escape']);
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(leads.getByRole('button', { name: startOf(messages.editor.by) })).toHaveCount(0);
  await dragBy(page, handle, to.x - from.x, to.y - from.y);
  await expect(leads.getByRole('button', { name: startOf(messages.editor.by) })).toHaveCount(1);
  await page.getByRole('button', { name: messages.editor.removeLink }).click();
  await expect(page.getByRole('button', { name: messages.editor.linkItem })).toBeVisible();
  await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).click();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Control+a');
  await page.keyboard.press('g');
  await expect(page.getByRole('heading', { name: messages.links.groupOf({ count: 4 }) })).toBeVisible();
  await page.keyboard.press('Control+k');
  await dialog(page).getByLabel(messages.editor.findSlide).fill('hide');
  await page.keyboard.press('Enter');
  // One link, whichever of its members carries it; following it while editing takes a press of its own.
  await expect(leads.getByRole('button', { name: startOf(messages.editor.by) })).toHaveCount(1);
  await page.getByRole('button', { name: messages.editor.goThere({ name: 'Hide' }) }).click();
  await expect(page.getByLabel(messages.editor.slideName)).toHaveValue('Hide');
});

test('links lead into other decks and to sounds; who may not open a deck is told so in words', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'The other one');
  await page.getByLabel(messages.editor.slideName).fill('Far away');
  await saved(page);
  await page.goto('/');
  await newDeck(page, 'From here');
  await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).click();
  await page.keyboard.press('Control+k');
  await page.getByRole('tab', { name: messages.links.kinds.deck }).click();
  await dialog(page).getByLabel(messages.links.decks).selectOption({ label: 'The other one' });
  await dialog(page).getByLabel(messages.links.slideOfDeck).selectOption({ label: 'Far away' });
  await dialog(page).getByRole('button', { name: messages.links.useDeck }).click();
  await expect(page.getByRole('navigation', { name: messages.editor.leadsTo })).toContainText(
    messages.destinations.inDeck({ title: 'The other one' }),
  );
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('Listen');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await page.getByRole('tab', { name: messages.links.kinds.file }).click();
  await dialog(page)
    .getByLabel(messages.common.chooseFile)
    .setInputFiles({ name: 'splash.wav', mimeType: 'audio/wav', buffer: silentWave() });
  await expect(page.getByRole('navigation', { name: messages.editor.leadsTo })).toContainText('splash.wav');
  await saved(page);
  await page.getByRole('link', { name: messages.editor.tryIt }).click();
  await page.getByRole('link', { name: 'Listen' }).click();
  await expect(page.getByRole('group', { name: messages.walking.plays({ name: 'splash.wav' }) })).toBeVisible();
  await page.getByRole('button', { name: messages.walking.stopSound }).click();
  await expect(page.getByRole('group', { name: messages.walking.plays({ name: 'splash.wav' }) })).toHaveCount(0);
  await page.getByRole('main').getByRole('link', { name: messages.onSlides.hotspot, exact: true }).press('Enter');
  await expect(page.getByRole('group', { name: 'Far away' })).toBeVisible();
  await page.goto('/decks/night-walk/show');
  await expect(page.getByText(messages.links.deckNotOpen)).toBeVisible();
});

test('a hotspot of any shape is pressed within it only, named for screen readers; a line carries a link too', async ({
  page,
}) => {
  await newTeacher(page);
  await newDeck(page, 'Hot places');
  await page.getByLabel(messages.editor.slideName).fill('Gate');
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await page.getByLabel(messages.editor.slideName).fill('Hide');
  await page.getByRole('button', { name: /^1 Gate/ }).click();
  await page.getByRole('button', { name: messages.kinds.hotspot, exact: true }).click();
  await page.getByLabel(messages.editor.itemName, { exact: true }).fill('The dark window');
  await page.getByRole('button', { name: /^Shape: / }).click();
  await page.getByRole('button', { name: messages.shapes.diamond, exact: true }).click();
  const link = async () => {
    await page.keyboard.press('Control+k');
    await dialog(page).getByLabel(messages.editor.findSlide).fill('hide');
    await page.keyboard.press('Enter');
  };
  await item(page, /^Hotspot/).click();
  await link();
  await page.getByRole('button', { name: messages.lines.title, exact: true }).click();
  await page.getByRole('dialog').getByRole('button', { name: messages.editor.dash, exact: true }).click();
  for (let press = 0; press < 12; press += 1) await page.keyboard.press('ArrowDown');
  await link();
  await saved(page);
  await page.getByRole('link', { name: messages.editor.tryIt }).click();
  await page.waitForURL(/\/show\//);
  const hotspot = page.getByRole('main').getByRole('link', { name: 'The dark window' });
  const box = await hotspot.boundingBox();
  if (!box) throw new Error('the hotspot is on the slide');
  await page.mouse.click(box.x + 6, box.y + 6);
  await expect(page.getByRole('group', { name: 'Gate' })).toBeVisible();
  await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
  await expect(page.getByRole('group', { name: 'Hide' })).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await page.getByRole('main').getByRole('link').last().press('Enter');
  await expect(page.getByRole('group', { name: 'Hide' })).toBeVisible();
});

/** A tenth of a second of silence, as a WAV file. */
function silentWave(): Buffer {
  const samples = 800;
  const wave = Buffer.alloc(44 + samples, 128);
  wave.write('RIFF', 0);
  wave.writeUInt32LE(36 + samples, 4);
  wave.write('WAVEfmt ', 8);
  wave.writeUInt32LE(16, 16);
  wave.writeUInt16LE(1, 20);
  wave.writeUInt16LE(1, 22);
  wave.writeUInt32LE(8000, 24);
  wave.writeUInt32LE(8000, 28);
  wave.writeUInt16LE(1, 32);
  wave.writeUInt16LE(8, 34);
  wave.write('data', 36);
  wave.writeUInt32LE(samples, 40);
  return wave;
}
