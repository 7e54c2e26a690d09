/** Videos and sounds: placed from files and the microphone, trimmed, captioned, played in a show, heard along slides, taken up again. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as messages from '@gobrel/messages';
import { expect, type Locator, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { atSlide, newDeck, newTeacher, odile, saved } from './people';

const film = join(import.meta.dirname, '../demo/clips/rising-tide.webm');
const says = messages.media;

/** A sound of some seconds, as a WAV file. */
function wave(seconds: number): Buffer {
  const rate = 8000;
  const file = Buffer.alloc(44 + rate * seconds);
  file.write('RIFF', 0);
  file.writeUInt32LE(36 + rate * seconds, 4);
  file.write('WAVEfmt ', 8);
  file.writeUInt32LE(16, 16);
  file.writeUInt16LE(1, 20);
  file.writeUInt16LE(1, 22);
  file.writeUInt32LE(rate, 24);
  file.writeUInt32LE(rate, 28);
  file.writeUInt16LE(1, 32);
  file.writeUInt16LE(8, 34);
  file.write('data', 36);
  file.writeUInt32LE(rate * seconds, 40);
  for (let at = 0; at < rate * seconds; at += 1) file[44 + at] = 128 + Math.round(60 * Math.sin(at / 7));
  return file;
}

async function place(page: Page, files: Parameters<Locator['setInputFiles']>[0]): Promise<void> {
  await page.getByRole('button', { name: says.title, exact: true }).click();
  await page.getByRole('dialog', { name: says.title }).getByLabel(says.fromFile).setInputFiles(files);
}

/** The slides in the dialog of voices, with how long the take of each is. */
const takesOf = (dialog: Locator) => dialog.getByRole('list', { name: messages.voice.takes }).getByRole('listitem');

const isPlaying = (media: Locator) => media.evaluate((element: HTMLMediaElement) => !element.paused);

test('a film is placed from its file, trimmed and captioned beside itself, and plays with the slide in a show', async ({
  page,
}) => {
  await newTeacher(page);
  await newDeck(page, 'Tides in motion');
  await place(page, film);
  const panel = page.getByRole('complementary');
  await expect(panel.getByText(says.now({ name: 'rising-tide.webm', time: '0:07' }))).toBeVisible();
  await panel.getByLabel(messages.editor.alt).fill('The tide comes in');
  await expectClean(page);

  await panel.getByRole('button', { name: says.openClip }).click();
  const clip = page.getByRole('dialog');
  await clip.getByRole('button', { name: says.addCaption({ time: '0:00' }) }).click();
  await page.keyboard.type('Listen: the wind.');
  await page.keyboard.press('Enter');
  await page.keyboard.type('The water comes.');
  await clip.getByLabel(says.to({ place: 2 })).fill('0:05.5');
  await page.keyboard.press('Enter');
  await expect(clip.getByLabel(says.words({ place: 1 }))).toHaveValue('Listen: the wind.');
  await expect(clip.getByLabel(says.words({ place: 2 }))).toHaveValue('The water comes.');
  const end = clip.getByRole('slider', { name: says.ends });
  await end.focus();
  for (let step = 0; step < 10; step += 1) await page.keyboard.press('ArrowLeft');
  await expect(end).toHaveAttribute('aria-valuetext', /^0:0[67]/);
  await expectClean(page);
  const download = page.waitForEvent('download');
  await clip.getByRole('button', { name: says.exportCaptions }).click();
  expect(readFileSync(await (await download).path(), 'utf8')).toContain('00:03.000 --> 00:05.500\nThe water comes.');
  await page.keyboard.press('Escape');
  await panel.getByLabel(says.plays).selectOption('slide');
  await saved(page);

  await page.getByRole('link', { name: messages.editor.tryIt }).click();
  const video = page.getByRole('main').getByLabel('The tide comes in').first();
  await expect(video).toHaveAttribute('controls', '');
  await expect.poll(() => isPlaying(video)).toBe(true);
  const captions = await video.evaluate((element: HTMLVideoElement) =>
    [...element.textTracks].map(({ mode, cues }) => [mode, cues?.length]),
  );
  expect(captions).toEqual([['showing', 2]]);
  await page.getByRole('button', { name: messages.onMedia.transcript, exact: true }).click();
  await expect(
    page.getByRole('region', { name: messages.onMedia.transcriptOf({ name: 'The tide comes in' }) }),
  ).toHaveText('Listen: the wind.The water comes.');
  await expectClean(page);
  // Its part ends before the file does.
  await expect.poll(() => isPlaying(video), { timeout: 15_000 }).toBe(false);
  expect(await video.evaluate((element: HTMLVideoElement) => element.currentTime)).toBe(0);
});

test('captions come from a file; what is none is said to be none', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Captions');
  await place(page, { name: 'call.wav', mimeType: 'audio/wav', buffer: wave(3) });
  await page.getByRole('complementary').getByRole('button', { name: says.openClip }).click();
  const clip = page.getByRole('dialog');
  const captions = clip.getByLabel(says.importCaptions);
  await captions.setInputFiles({ name: 'a.vtt', mimeType: 'text/vtt', buffer: Buffer.from('no captions at all') });
  await expect(clip.getByRole('alert')).toHaveText(says.noCaptionsIn({ name: 'a.vtt' }));
  const vtt = 'WEBVTT\n\n00:00.500 --> 00:02.000\nSplash!\n';
  await captions.setInputFiles({ name: 'b.vtt', mimeType: 'text/vtt', buffer: Buffer.from(vtt) });
  await expect(clip.getByLabel(says.words({ place: 1 }))).toHaveValue('Splash!');
  await expect(clip.getByRole('alert')).toHaveCount(0);
});

test('a file that this browser cannot play is not sent anywhere; the author is told what to do', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Odd files');
  const sent: string[] = [];
  page.on('request', (request) => {
    if (request.url().includes('/api/uploads')) sent.push(request.method());
  });
  await place(page, { name: 'film.mp4', mimeType: 'video/mp4', buffer: Buffer.from('not a film at all') });
  await expect(page.getByText(says.cannotPlay({ name: 'film.mp4' })).first()).toBeVisible();
  expect(sent).toEqual([]);
});

test('a sound is recorded on the spot, and placed', async ({ page, context }) => {
  await context.grantPermissions(['microphone']);
  await newTeacher(page);
  await newDeck(page, 'Spoken');
  await page.getByRole('button', { name: says.title, exact: true }).click();
  await page.getByRole('button', { name: says.recordFrom.microphone }).click();
  const dialog = page.getByRole('dialog', { name: says.recordFrom.microphone });
  await dialog.getByRole('button', { name: says.record, exact: true }).click();
  await expect(dialog.getByText(says.recording({ time: '0:01' }))).toBeVisible();
  await dialog.getByRole('button', { name: says.stop }).click();
  await expect(dialog.getByLabel(says.preview)).toBeVisible();
  await expectClean(page);
  await dialog.getByRole('button', { name: says.place }).click();
  await expect(page.getByRole('complementary').getByText(/plays 0:0[12]/)).toBeVisible();
  await expect(page.getByRole('region', { name: says.uploads })).toHaveCount(0);
});

test('voice-over: one take a slide, walking on without a break, redone singly, heard in the show', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['microphone']);
  await newTeacher(page);
  await newDeck(page, 'Told');
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await page.getByRole('button', { name: messages.editor.moreActions }).click();
  await page.getByRole('menuitem', { name: messages.voice.title }).click();
  const dialog = page.getByRole('dialog', { name: messages.voice.title });
  await dialog.getByRole('button', { name: messages.voice.previous }).click();
  await dialog.getByRole('button', { name: says.record, exact: true }).click();
  await expect(dialog.getByText(says.recording({ time: '0:01' }))).toBeVisible();
  await dialog.getByRole('button', { name: messages.voice.goOn }).click();
  await expect(takesOf(dialog).nth(1).getByRole('button')).toHaveAttribute('aria-current', 'true');
  await expect(dialog.getByText(says.recording({ time: '0:01' }))).toBeVisible();
  await dialog.getByRole('button', { name: says.stop }).click();
  const takes = takesOf(dialog);
  await expect(takes.filter({ hasText: /0:0[123]/ })).toHaveCount(2);
  await expectClean(page);
  await dialog.getByRole('button', { name: messages.order.remove }).click();
  await expect(takes.filter({ hasText: /0:0[123]/ })).toHaveCount(1);
  await page.keyboard.press('Escape');
  await saved(page);
  await page.goto(page.url().replace(/\?.*/, '') + '/show');
  await expect(
    page.getByRole('button', { name: messages.walking.pauseSound({ name: messages.walking.voice }) }),
  ).toBeVisible();
});

test('an upload waits out a break and a reload, is paused and given up', async ({ page, context }) => {
  await newTeacher(page);
  await newDeck(page, 'Slow school');
  // The network goes as the first piece is on its way.
  await context.route('**/api/uploads**', (route) => route.abort('connectionfailed'));
  await place(page, { name: 'long.wav', mimeType: 'audio/wav', buffer: wave(20) });
  const tray = page.getByRole('region', { name: says.uploads });
  await expect(tray.getByText(says.waits)).toBeVisible({ timeout: 20_000 });
  await expectClean(page);
  await saved(page);
  await context.unroute('**/api/uploads**');
  await page.reload();
  await expect(page.getByRole('main').getByText('long.wav').first()).toBeVisible();
  await page
    .getByRole('main')
    .getByRole('button', { name: /long\.wav/ })
    .first()
    .click();
  await expect(page.getByRole('complementary').getByText(says.now({ name: 'long.wav', time: '0:20' }))).toBeVisible();
  await expect(tray).toHaveCount(0);

  await context.route('**/api/uploads**', () => undefined);
  await place(page, { name: 'never.wav', mimeType: 'audio/wav', buffer: wave(1) });
  await tray.getByRole('button', { name: says.pause({ name: 'never.wav' }) }).click();
  await expect(tray.getByRole('button', { name: says.goOn({ name: 'never.wav' }) })).toBeVisible();
  await tray.getByRole('button', { name: says.giveUp({ name: 'never.wav' }) }).click();
  await expect(tray).toHaveCount(0);
});

test('wind goes along its slides without a break; a press stops it', async ({ page }) => {
  await odile(page);
  await page.goto('/decks/marsh-sounds/show');
  const wind = page.getByRole('button', { name: messages.walking.pauseSound({ name: 'Wind in the reeds' }) });
  await expect(wind).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByLabel('The water rises between the reeds, under the moon').first()).toBeVisible();
  await expect(wind).toBeVisible();
  await expectClean(page);
  await wind.click();
  await expect(
    page.getByRole('button', { name: messages.walking.playSound({ name: 'Wind in the reeds' }) }),
  ).toBeVisible();
});

test('what the presenter plays runs where the class sees it, and is heard there only', async ({ page, context }) => {
  await odile(page);
  await page.goto('/decks/marsh-sounds/present/sounds-tide?with=one-hour');
  const film = (at: Page) =>
    at.locator('.gv-stage video[aria-label="The water rises between the reeds, under the moon"]');
  const isMuted = () => film(page).evaluate((element: HTMLVideoElement) => element.muted);
  await expect(film(page)).toBeVisible();
  expect(await isMuted()).toBe(false);
  const audience = await context.newPage();
  await audience.goto('/decks/marsh-sounds/show/sounds-tide?with=one-hour');
  await expect(film(audience)).toBeVisible();
  await expect.poll(isMuted).toBe(true);

  await film(page).click();
  await expect.poll(() => isPlaying(film(audience))).toBe(true);
  expect(await film(audience).evaluate((element: HTMLVideoElement) => element.muted)).toBe(false);
  await film(page).click();
  await expect.poll(() => isPlaying(film(audience))).toBe(false);

  await audience.close();
  await expect.poll(isMuted).toBe(false);
});

test('the presenter stops a sound along slides where the class hears it, and lets it go on', async ({
  page,
  context,
}) => {
  const { pauseSound, playSound } = messages.walking;
  const name = 'Wind in the reeds';
  await odile(page);
  await page.goto('/decks/marsh-sounds/present?with=windy-hour');
  await expect(page.getByRole('button', { name: messages.show.openAudience })).toBeVisible();
  // Nothing is heard anywhere yet.
  await expect(page.getByRole('button', { name: playSound({ name }) })).toHaveCount(0);
  const audience = await context.newPage();
  await audience.goto('/decks/marsh-sounds/show?with=windy-hour');
  await expect(audience.getByRole('button', { name: pauseSound({ name }) })).toBeVisible();
  await page.getByRole('button', { name: pauseSound({ name }) }).click();
  await expect(audience.getByRole('button', { name: playSound({ name }) })).toBeVisible();
  await expectClean(page);
  // It stays silent on the next slide, until it is to go on.
  await page.keyboard.press('ArrowRight');
  await expect(audience.getByLabel('The water rises between the reeds, under the moon').first()).toBeVisible();
  await page.getByRole('button', { name: playSound({ name }) }).click();
  await expect(audience.getByRole('button', { name: pauseSound({ name }) })).toBeVisible();
  // What is pressed where it is heard is seen by the presenter too.
  await audience.getByRole('button', { name: pauseSound({ name }) }).click();
  await expect(page.getByRole('button', { name: playSound({ name }) })).toBeVisible();
});

test.describe('a file that breaks off', () => {
  // So that the test can break it off.
  test.use({ serviceWorkers: 'block' });

  test('is taken up once more, and played', async ({ page }) => {
    await odile(page);
    let times = 0;
    await page.route('**/api/files/*', (route) => (++times === 1 ? route.abort('connectionreset') : route.fallback()));
    await page.goto('/decks/marsh-sounds/show/sounds-tide');
    const video = page.locator('.gv-stage video');
    // The browser's own controls take no press before the first of it is there.
    await expect.poll(() => video.evaluate((element: HTMLVideoElement) => element.readyState)).toBeGreaterThan(0);
    await video.click();
    await expect.poll(() => isPlaying(video)).toBe(true);
    await expect.poll(() => video.evaluate((element: HTMLVideoElement) => element.currentTime)).toBeGreaterThan(0.3);
    await expect(page.getByText(messages.onMedia.cannotPlay)).toHaveCount(0);
    expect(times).toBeGreaterThan(1);
  });
});

test('a student hears sounds by touch, and takes videos and sounds along for when there is no network', async ({
  browser,
  page,
}) => {
  const student = await atSlide(browser, page, ['marsh-sounds', 3]);
  const play = student.getByRole('button', { name: messages.onMedia.play({ name: 'Voice A' }) });
  await play.tap();
  await expect(student.getByRole('button', { name: messages.onMedia.pause({ name: 'Voice A' }) })).toBeVisible();
  await expect(student.getByText('[low boom, three times]')).toBeVisible();
  await expectClean(student);
  await student
    .getByRole('button', { name: messages.student.overall({ filled: 0, asked: 1 }) })
    .first()
    .tap();
  const dialog = student.getByRole('dialog');
  await expect(dialog.getByText(messages.student.media.here)).toBeVisible();
  await student.context().setOffline(true);
  await student.keyboard.press('Escape');
  await student.getByRole('button', { name: messages.onMedia.play({ name: 'Voice B' }) }).tap();
  await expect(student.getByRole('button', { name: messages.onMedia.pause({ name: 'Voice B' }) })).toBeVisible();
});
