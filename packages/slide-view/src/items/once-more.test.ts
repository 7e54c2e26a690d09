import { onceMore } from './once-more.js';

/** As much of a media element as is needed. */
class Player extends EventTarget {
  src = 'https://gobrel.example/api/files/a';
  currentTime = 0;
  paused = false;
  error: MediaError | null = null;
  readonly done: string[] = [];
  load() {
    this.done.push(`load ${this.src}`);
  }
  play() {
    this.done.push('play');
    return Promise.resolve();
  }
}

function broken(player: Player) {
  let vain = 0;
  const end = onceMore(player as unknown as HTMLMediaElement, () => (vain += 1));
  return { end, vain: () => vain };
}

test('a file that breaks off is asked for under another address, and goes on where it was', () => {
  const player = new Player();
  const { vain } = broken(player);
  player.currentTime = 12;
  player.dispatchEvent(new Event('error'));
  expect(player.src).toBe('https://gobrel.example/api/files/a?again');
  player.currentTime = 0;
  player.dispatchEvent(new Event('loadedmetadata'));
  expect([player.currentTime, player.done, vain()]).toEqual([12, ['play'], 0]);
});

test('what stood still stands still; an address keeps what it asks for', () => {
  const player = new Player();
  broken(player);
  player.src = 'https://gobrel.example/file?key=1';
  player.paused = true;
  player.dispatchEvent(new Event('error'));
  player.dispatchEvent(new Event('loadedmetadata'));
  expect([player.src, player.done]).toEqual(['https://gobrel.example/file?key=1&again', []]);
});

test('what is in the page itself is loaded again as it is', () => {
  const player = new Player();
  broken(player);
  player.src = 'blob:one';
  player.dispatchEvent(new Event('error'));
  expect(player.done).toEqual(['load blob:one']);
});

test('a file that broke off before anybody listened is taken up as well', () => {
  const player = new Player();
  player.error = { code: 2 } as MediaError;
  const { vain } = broken(player);
  expect([player.src, vain()]).toEqual(['https://gobrel.example/api/files/a?again', 0]);
});

test('a second time is in vain, and after its end nothing is told', () => {
  const player = new Player();
  const { vain, end } = broken(player);
  player.dispatchEvent(new Event('error'));
  player.dispatchEvent(new Event('error'));
  expect(vain()).toBe(1);
  end();
  player.dispatchEvent(new Event('error'));
  expect(vain()).toBe(1);
});
