// A student's first load of a lesson on a weak device and a slow network, against an empty page of the same framework.
const CPU = 4;
/** A slow mobile network: bytes a second both ways, and milliseconds there and back. */
const NETWORK = { downloadThroughput: 200_000, uploadThroughput: 93_750, latency: 150, offline: false };

/** A new page on such a device. */
async function weakPage(context) {
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.emulateNetworkConditions', NETWORK);
  await session.send('Emulation.setCPUThrottlingRate', { rate: CPU });
  return { page, session };
}

/**
 * Bytes over the network, fonts and all, and milliseconds until something is there. Without the worker for offline use:
 * what it fetches in the page's place is not told to the page's session, and what is left would be a matter of chance.
 */
async function load(browser, address, cookies, ready) {
  const context = await browser.newContext({ viewport: { width: 1180, height: 820 }, serviceWorkers: 'block' });
  await context.addCookies(cookies);
  const { page, session } = await weakPage(context);
  let bytes = 0;
  session.on('Network.loadingFinished', ({ encodedDataLength }) => (bytes += encodedDataLength));
  const began = performance.now();
  await page.goto(address);
  await ready(page).waitFor({ timeout: 120_000 });
  const time = performance.now() - began;
  await page.waitForLoadState('networkidle');
  await page.evaluate(() => document.fonts.ready.then(() => undefined));
  await context.close();
  return { bytes, time };
}

/** Milliseconds from the address until the names are there, and from the PIN until one's slides are. */
async function join(browser, address) {
  const context = await browser.newContext({ viewport: { width: 1180, height: 820 } });
  const { page } = await weakPage(context);
  let began = performance.now();
  await page.goto(`${address}/join/HRNS427`);
  const name = page.getByRole('button', { name: 'Noor Ashby' });
  await name.waitFor({ timeout: 120_000 });
  const names = performance.now() - began;
  await name.click();
  began = performance.now();
  await page.getByLabel('PIN').fill('2468');
  await page.getByRole('button', { name: 'Submit' }).waitFor({ timeout: 120_000 });
  const slides = performance.now() - began;
  await context.close();
  return { names, slides };
}

/** Gives the line to print. */
export async function benchFirstLoad(address, browser) {
  const joining = await browser.newContext();
  const answer = await joining.request.post(`${address}/api/join`, {
    data: { code: 'HRNS427', studentId: 'heron-01', pin: '2468' },
  });
  if (!answer.ok()) throw new Error(`joining: ${answer.status()}`);
  const cookies = await joining.cookies();
  await joining.close();
  const ours = await load(browser, `${address}/work`, cookies, (page) => page.getByRole('button', { name: 'Submit' }));
  const joined = await join(browser, address);
  const empty = await load(browser, `${address}/nowhere`, [], (page) => page.getByRole('heading'));
  const kilobytes = ({ bytes }) => `${Math.round(bytes / 1024)} kB`;
  return [
    `a student’s first load, CPU ${CPU} x slower, ${NETWORK.downloadThroughput / 1000} kB/s, ${NETWORK.latency} ms:`,
    `${kilobytes(ours)} in ${(ours.time / 1000).toFixed(1)} s, against ${kilobytes(empty)} in ${(empty.time / 1000).toFixed(1)} s`,
    `of an empty page of the same framework (${(ours.bytes / empty.bytes).toFixed(1)} x, ${(ours.time / empty.time).toFixed(1)} x);`,
    `joining there: names in ${(joined.names / 1000).toFixed(1)} s (${(joined.names / empty.time).toFixed(1)} x), from the PIN to one’s slides ${(joined.slides / 1000).toFixed(1)} s (${(joined.slides / empty.time).toFixed(1)} x)`,
  ].join(' ');
}

/** A published show's first slide on such a device, against the same empty page. Gives the line to print. */
export async function benchShowLoad(address, browser) {
  const show = await load(browser, `${address}/show/saltmarshAtNight`, [], (page) =>
    page.getByRole('link', { name: 'Step onto the boards' }),
  );
  const empty = await load(browser, `${address}/nowhere`, [], (page) => page.getByRole('heading'));
  const line = ({ bytes, time }) => `${Math.round(bytes / 1024)} kB, there in ${(time / 1000).toFixed(1)} s`;
  return `a published show on a slow device and network: ${line(show)}, against ${line(empty)} (${(show.time / empty.time).toFixed(2)} x)`;
}
