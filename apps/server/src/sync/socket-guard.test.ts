import { EventEmitter } from 'node:events';
import fc from 'fast-check';
import { createEncoder, toUint8Array, writeVarString } from 'lib0/encoding';
import { Budget, SharedBudgets } from './budgets.js';
import { MOST_UNHEARD, SHOWN_WITHIN, SocketGuard } from './socket-guard.js';
import { TokenBucket } from './token-bucket.js';

class Socket extends EventEmitter {
  readonly seen: string[] = [];
  pause = () => void this.seen.push('paused');
  resume = () => void this.seen.push('resumed');
  terminate = () => void this.seen.push('ended');
}

function message(name: string, length: number): Buffer {
  const encoder = createEncoder();
  writeVarString(encoder, name);
  return Buffer.concat([toUint8Array(encoder), Buffer.alloc(length)]);
}

describe('a socket', () => {
  let now = 0;
  const guarded = () => {
    const socket = new Socket();
    const guard = new SocketGuard(socket, [new Budget('connection', now)], () => now);
    return { socket, guard, say: (name: string, length = 10) => socket.emit('message', message(name, length)) };
  };
  beforeEach(() => {
    now = 0;
    jest.useFakeTimers();
  });
  afterEach(() => jest.useRealTimers());

  test('on which nobody shows who they are is closed', () => {
    const { socket } = guarded();
    jest.advanceTimersByTime(SHOWN_WITHIN);
    expect(socket.seen).toEqual(['ended']);
  });

  test('on which somebody has stays open, and forgets its timers when it closes', () => {
    const { socket, guard } = guarded();
    guard.opened('deck:a', new Budget('account', now));
    jest.advanceTimersByTime(SHOWN_WITHIN * 10);
    expect(socket.seen).toEqual([]);
    const { socket: signedIn, guard: known } = guarded();
    known.shown();
    jest.advanceTimersByTime(SHOWN_WITHIN * 10);
    expect(signedIn.seen).toEqual([]);
    const { socket: other } = guarded();
    other.emit('close');
    expect(jest.getTimerCount()).toBe(0);
  });

  test('is closed when much is said to documents that nobody opened, whatever is open beside them', () => {
    const { socket, guard, say } = guarded();
    guard.opened('deck:a', new Budget('account', now));
    say('deck:a', MOST_UNHEARD * 2);
    expect(socket.seen).toEqual([]);
    for (let count = 0; count < 4; count += 1) say(`work:${count}`, MOST_UNHEARD / 3);
    expect(socket.seen).toContain('ended');
  });

  test('that says too much waits, and goes on by itself', () => {
    const { socket, guard, say } = guarded();
    guard.opened('deck:a', new Budget('account', now));
    for (let count = 0; count < 3500; count += 1) say('deck:a');
    expect(socket.seen).toEqual(['paused']);
    now += 5000;
    jest.advanceTimersByTime(5000);
    expect(socket.seen).toEqual(['paused', 'resumed']);
  });

  test('that costs much time waits as often as it is owed', () => {
    const { socket, guard } = guarded();
    guard.opened('deck:a', new Budget('account', now));
    guard.use({ time: 4000 });
    for (const _second of [1, 2]) {
      now += 5000;
      jest.advanceTimersByTime(5000);
    }
    expect(socket.seen).toEqual(['paused', 'resumed', 'paused', 'resumed']);
  });

  test('shares what an account may use with its other sockets', () => {
    const shared = new SharedBudgets();
    const sockets = [guarded(), guarded()];
    for (const { guard } of sockets) guard.opened('deck:a', shared.of('account', 'odile', now));
    for (const { say } of sockets) for (let count = 0; count < 3000; count += 1) say('deck:a');
    expect(sockets.map(({ socket }) => socket.seen)).toEqual([[], []]);
    sockets[1]?.say('deck:a');
    expect(sockets[1]?.socket.seen).toEqual(['paused']);
  });
});

test('what was used of a bucket is back after the time it takes, and never more than it holds', () => {
  const amounts = fc.array(
    fc.record({ amount: fc.integer({ min: 0, max: 300 }), pause: fc.integer({ min: 0, max: 4000 }) }),
  );
  fc.assert(
    fc.property(amounts, (uses) => {
      const bucket = new TokenBucket(100, 10, 0);
      let now = 0;
      let used = 0;
      for (const { amount, pause } of uses) {
        now += pause;
        used += amount;
        const wait = bucket.use(amount, now);
        // Whoever waits as told has never used more than the bucket held and what has come back since.
        expect(used).toBeLessThanOrEqual(100 + ((now + wait) / 1000) * 10 + 1e-6);
        now += wait;
      }
      expect(bucket.isFull(now + 100_000)).toBe(true);
    }),
  );
});
