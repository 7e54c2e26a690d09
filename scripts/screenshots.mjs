// Makes the pictures in docs/screenshots from the demo data: node scripts/screenshots.mjs
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { withApplication } from './e2e.mjs';
import { chromiumOptions, main, root } from './steps.mjs';

const folder = join(root, 'docs', 'screenshots');
const desktop = { width: 1280, height: 800 };

main(async () => {
  await withApplication(async (address) => {
    const browser = await chromium.launch(chromiumOptions);
    const shoot = async (page, name) => {
      await page.waitForTimeout(900);
      await page.screenshot({ path: join(folder, `${name}.png`) });
    };
    const open = async (options) =>
      (await browser.newContext({ baseURL: address, reducedMotion: 'reduce', ...options })).newPage();

    const teacher = await open({ viewport: desktop });
    await teacher.goto('/sign-in');
    await teacher.getByRole('heading', { name: 'Sign in' }).waitFor();
    await teacher.getByLabel('E-mail address').fill('odile@marrambay.example');
    await teacher.getByLabel('Password').fill('saltmarsh at night');
    await teacher.getByRole('button', { name: 'Sign in' }).click();
    await teacher.getByRole('heading', { name: 'Library' }).waitFor();
    await shoot(teacher, 'library');
    await teacher.goto('/decks/night-walk?slide=fork');
    await teacher.getByRole('button', { name: /^Shape, “Climb/ }).click();
    await shoot(teacher, 'editor');
    await teacher.keyboard.press('Control+k');
    await shoot(teacher, 'link');
    await teacher.keyboard.press('Escape');
    await teacher.getByRole('button', { name: 'More actions' }).click();
    await teacher.getByRole('menuitem', { name: 'Share' }).click();
    await teacher.getByRole('switch', { name: 'Published show' }).waitFor();
    await shoot(teacher, 'share');
    await teacher.keyboard.press('Escape');
    await teacher.goto('/decks/night-walk?see=map');
    await teacher.getByRole('status').filter({ hasText: '2 endings' }).waitFor();
    await shoot(teacher, 'map');
    await teacher.goto('/decks/night-walk?see=plan');
    await shoot(teacher, 'plan');
    await teacher.goto('/decks/night-walk/present/tide');
    await teacher.getByRole('link', { name: 'Along the high bank' }).click();
    await shoot(teacher, 'presenter');
    await teacher.goto('/decks/exit-questions');
    await teacher.getByRole('button', { name: 'Hand out' }).click();
    await teacher.getByRole('dialog').getByRole('button', { name: 'Hand out' }).click();
    await shoot(teacher, 'hand-out');
    await teacher.goto('/decks/night-walk/show/hide');
    await teacher.keyboard.press('ArrowRight');
    await shoot(teacher, 'show');

    const student = await open({ viewport: { width: 1180, height: 820 }, hasTouch: true });
    await student.goto('/join/HRNS-427');
    await student.getByRole('button', { name: 'Farid Moss' }).click();
    await student.getByLabel('Your PIN').fill('2468');
    await student.getByRole('button', { name: 'Back', exact: true }).waitFor();
    await shoot(student, 'student');
    const phone = await open({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
    await phone.goto('/join/HRNS-427');
    await phone.getByRole('button', { name: 'Hollis Burn' }).click();
    await phone.getByLabel('Your PIN').fill('2468');
    await phone.getByRole('button', { name: /^All slides/ }).click();
    await phone.getByRole('button', { name: /^Shore zones/ }).click();
    await phone.getByRole('button', { name: /^lugworm/ }).click();
    await shoot(phone, 'student-phone');

    const other = await open({ viewport: { width: 1180, height: 820 }, hasTouch: true });
    await other.goto('/join/HRNW-561');
    await other.getByRole('button', { name: 'Cosima Rudd' }).click();
    await other.getByLabel('Your PIN').fill('2468');
    const back = other.getByRole('button', { name: 'Back', exact: true });
    await back.waitFor();
    while (await back.isEnabled()) await back.click();
    await other.getByRole('button', { name: 'Check my answers' }).click();
    await other.getByText(/Yes: the tail|does not swim/).waitFor();
    await shoot(other, 'question');

    await teacher.goto('/lessons/shore-lesson');
    await teacher.getByRole('button', { name: 'Add Hollis Burn to presenters' }).click();
    await teacher.getByRole('button', { name: 'Farid Moss', exact: true }).click();
    await shoot(teacher, 'board');
    await teacher.goto('/lessons/watch-lesson');
    await teacher.getByRole('tab', { name: 'Answers' }).click();
    await shoot(teacher, 'answers');
    await teacher.goto('/lessons/shore-lesson');
    await teacher.getByRole('button', { name: 'Farid Moss', exact: true }).click();
    await teacher.getByRole('tab', { name: 'Present' }).click();
    await teacher.getByRole('button', { name: 'Go to “Shore zones” with the class' }).click();
    await shoot(teacher, 'lead');
    await teacher.getByRole('tab', { name: 'By student' }).click();
    const screen = await teacher.context().newPage();
    await screen.goto('/lessons/shore-lesson/screen');
    await screen.getByRole('main').waitFor();
    await teacher.getByRole('button', { name: 'Present now', exact: true }).click();
    await shoot(screen, 'class-screen-turn');

    await teacher.goto('/lessons/exit-lesson');
    await teacher.getByRole('tab', { name: 'Review' }).click();
    await teacher.getByRole('list', { name: 'Comments' }).waitFor();
    await shoot(teacher, 'review');
    await teacher.goto('/classes/6-heron/gradebook');
    await teacher.getByRole('table').waitFor();
    await shoot(teacher, 'gradebook');

    await teacher.goto('/decks/shore-zones?slide=species');
    await teacher.getByRole('button', { name: 'More actions' }).click();
    await teacher.getByRole('menuitemcheckbox', { name: /^Dark mode/ }).click();
    await teacher.getByRole('button', { name: /“kelp”, a piece/ }).click();
    await shoot(teacher, 'editor-lamp');
    await browser.close();
  });
  process.exit();
});
