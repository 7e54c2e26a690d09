/** Which other processes there are. */
import { Peers } from './peers.js';

const OLD = 60_000;

test('a new process says everything, whoever may be there; later only while somebody is known', () => {
  const peers = new Peers(0);
  expect(peers.mayListen(1000)).toBe(true);
  expect(peers.mayListen(OLD)).toBe(false);
  peers.hear('other', 'hello', OLD);
  expect(peers.mayListen(OLD)).toBe(true);
});

test('a hello is answered, and is no reason to look anything up', () => {
  expect(new Peers(0).hear('other', 'hello', OLD)).toEqual({ answer: true, catchUp: false, sayMissed: false });
});

test('whoever was there before is a reason to catch up, once; and to say so unless this process is new', () => {
  const [fresh, old] = [new Peers(0), new Peers(0)];
  expect(fresh.hear('other', 'alive', 100)).toEqual({ answer: false, catchUp: true, sayMissed: false });
  expect(fresh.hear('other', 'alive', 200)).toEqual({ answer: false, catchUp: false, sayMissed: false });
  expect(old.hear('other', null, OLD)).toEqual({ answer: false, catchUp: true, sayMissed: true });
});

test('one that could not say something is caught up with every time', () => {
  const peers = new Peers(0);
  peers.hear('other', 'hello', OLD);
  expect(peers.hear('other', 'missed', OLD).catchUp).toBe(true);
  expect(peers.hear('other', 'missed', OLD).catchUp).toBe(true);
});

test('one that leaves is forgotten in peace; one that falls silent is a reason to catch up', () => {
  const peers = new Peers(0);
  peers.hear('left', 'hello', OLD);
  peers.hear('killed', 'hello', OLD);
  expect(peers.hear('left', 'leaving', OLD + 1).catchUp).toBe(false);
  expect(peers.letGo(OLD + 1000)).toBe(false);
  expect(peers.letGo(OLD + 8000)).toBe(true);
  expect(peers.letGo(OLD + 8000)).toBe(false);
  expect(peers.areKnown).toBe(false);
});

test('after a gap it says everything again for a while', () => {
  const peers = new Peers(0);
  expect(peers.mayListen(OLD)).toBe(false);
  peers.beginAnew(OLD);
  expect(peers.mayListen(OLD + 1)).toBe(true);
});
