// npm run stand-ins: the application with a school's own systems beside it, which stand in for real ones: a sign-in and a
// learning platform, both set up already.
import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { buildAll, installPackages, main, root, say } from './steps.mjs';

const port = Number(process.env.PORT ?? 4170);
const [providerPort, platformPort] = [port + 11, port + 12];
const site = `http://127.0.0.1:${port}`;

/** The stand-ins, once they are built. */
const standIns = () => import(pathToFileURL(join(root, 'apps/stand-ins/dist/index.js')).href);

/** Starts a stand-in for a school's sign-in; gives it, and the settings by which a server uses it. */
export async function startProviderWith(at = 0) {
  const { PROVIDER_CLIENT, startProvider } = await standIns();
  const provider = await startProvider(at);
  const settings = {
    GOBREL_SIGN_IN_ISSUER: provider.issuer,
    GOBREL_SIGN_IN_CLIENT: PROVIDER_CLIENT.id,
    GOBREL_SIGN_IN_SECRET: PROVIDER_CLIENT.secret,
    GOBREL_SIGN_IN_NAME: 'Marram Bay School',
    GOBREL_SIGN_IN_STUDENTS: 'role=student',
  };
  return { provider, settings };
}

/** Starts a stand-in for a learning platform. */
export async function startPlatformAt(at = 0) {
  const { startPlatform } = await standIns();
  return startPlatform(at);
}

/** Enters the platform in the demo's school, unless it is there; gives the id under which it is known. */
async function enter({ addresses }) {
  const ask = async (method, path, body, cookie = '') => {
    const headers = { 'content-type': 'application/json', cookie };
    const answer = await fetch(`${site}/api${path}`, {
      method,
      headers,
      ...(body ? { body: JSON.stringify(body) } : {}),
    });
    if (!answer.ok) throw new Error(`${method} ${path} is answered with ${answer.status}`);
    return answer;
  };
  const odile = { email: 'odile@marrambay.example', password: 'saltmarsh at night' };
  const cookie = (await ask('POST', '/session', odile)).headers
    .getSetCookie()
    .map((each) => each.split(';')[0])
    .join('; ');
  const known = await (await ask('GET', '/school/platforms', undefined, cookie)).json();
  const there = known.find(({ issuer }) => issuer === addresses.issuer);
  if (there) return there.id;
  const id = randomBytes(8).toString('hex');
  await ask('POST', '/school/platforms', { id, name: 'Marram Bay courses', ...addresses }, cookie);
  return id;
}

/** Waits until the application serves. */
async function serving(application) {
  let hasEnded = false;
  application.once('exit', () => (hasEnded = true));
  while (!hasEnded) {
    if ((await fetch(`${site}/api/ready`).catch(() => null))?.ok) return true;
    await new Promise((resolve) => setTimeout(resolve, 300));
  }
  return false;
}

if (process.argv[1]?.endsWith('stand-ins.mjs')) {
  main(async () => {
    installPackages();
    buildAll();
    const { provider, settings } = await startProviderWith(providerPort);
    const platform = await startPlatformAt(platformPort);
    const application = spawn(process.execPath, [join(root, 'scripts/start.mjs')], {
      env: { ...process.env, ...settings, PORT: String(port) },
      stdio: 'inherit',
    });
    const ended = new Promise((resolve) => application.once('exit', resolve));
    // Ctrl-C reaches the application by itself, and a signal to this process is passed on.
    process.on('SIGINT', () => undefined);
    process.on('SIGTERM', () => application.kill('SIGTERM'));
    if (await serving(application)) {
      platform.tool = { site, platformId: await enter(platform) };
      say(`a stand-in for a school’s sign-in: “Sign in with Marram Bay School” at ${site}/sign-in`);
      say(`a stand-in for a learning platform: ${platform.issuer}`);
    }
    process.exitCode = (await ended) ?? 1;
    await Promise.all([provider.stop(), platform.stop()]);
  });
}
