// 300 devices that follow a show: how long a step takes to their screens' ears, against a bare relay of server-sent events.
import { fork } from 'node:child_process';
import { once } from 'node:events';
import http from 'node:http';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { newTeacher } from './people.mjs';

const HERE = dirname(fileURLToPath(import.meta.url));
const FOLLOWERS = 300;
const STEPS = 40;
const EVERY_MS = 250;

/** Connects to an address of server-sent events and calls `heard` with every event of a step. */
function follow(address, heard) {
  return new Promise((resolve, reject) => {
    const request = http.get(address, { agent: false }, (response) => {
      let rest = '';
      response.setEncoding('utf8').on('data', (text) => {
        const events = (rest + text).split('\n\n');
        rest = events.pop() ?? '';
        for (const event of events) if (event.includes('event: step')) heard(event);
      });
      resolve(() => request.destroy());
    });
    request.on('error', reject);
  });
}

/**
 * Milliseconds from each step to each follower, one step after the other.
 * @param step says a step by its number
 */
async function stepsTo(address, step) {
  const times = [];
  let sentAt = 0;
  const leave = [];
  for (let follower = 0; follower < FOLLOWERS; follower += 1)
    leave.push(await follow(address, () => times.push(performance.now() - sentAt)));
  for (let number = 1; number <= STEPS; number += 1) {
    sentAt = performance.now();
    await step(number);
    await new Promise((resolve) => setTimeout(resolve, EVERY_MS));
  }
  for (const end of leave) end();
  return { times: times.sort((a, b) => a - b), lost: FOLLOWERS * STEPS - times.length };
}

const at = (times, share) => times[Math.floor(times.length * share)] ?? Number.NaN;

/** Gives the line to print. */
export async function benchFollowers(address) {
  const teacher = await newTeacher(address);
  const { id: deckId } = await teacher.ask('POST', '/decks/sample');
  const stop = (number) => ({ slideId: number % 2 === 0 ? 'gate' : 'fork', viewpointId: null, appeared: 0 });
  const { address: place } = await teacher.ask('POST', `/decks/${deckId}/following`, { keeps: false, stop: stop(0) });
  const ours = await stepsTo(`${address}/api/shows/${place}/news`, (number) =>
    teacher.ask('POST', `/followings/${place}/steps`, { stop: stop(number) }),
  );
  await teacher.ask('POST', `/followings/${place}/end`);
  const relay = fork(join(HERE, 'event-relay-process.mjs'));
  const [port] = await once(relay, 'message');
  const bare = await stepsTo(`http://127.0.0.1:${port}/news`, (number) =>
    fetch(`http://127.0.0.1:${port}/step`, { method: 'POST', body: JSON.stringify(stop(number)) }),
  );
  relay.disconnect();
  const line = (measured) =>
    `p50 ${at(measured.times, 0.5).toFixed(1)} ms, p95 ${at(measured.times, 0.95).toFixed(1)} ms, ${measured.lost} lost`;
  const ratio = at(ours.times, 0.95) / at(bare.times, 0.95);
  return `a step to ${FOLLOWERS} who follow a show: ${line(ours)}; a bare relay: ${line(bare)} (p95 ${ratio.toFixed(1)} x)`;
}
