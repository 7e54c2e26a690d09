import { keptWhere, PATIENCE, type Whereabouts } from './kept-where';

const fine: Whereabouts = {
  forbidden: false,
  outdated: false,
  refusals: 0,
  isUp: true,
  ready: true,
  synced: true,
  acknowledged: true,
  unacknowledgedFor: 0,
};

test('saved is only what the server has acknowledged', () => {
  expect(keptWhere(fine)).toBe('saved');
  expect(keptWhere({ ...fine, acknowledged: false })).toBe('saving');
  expect(keptWhere({ ...fine, synced: false })).toBe('saving');
});

test('what is not acknowledged for long is not said to be on its way: a server may be there, and its disk away', () => {
  expect(keptWhere({ ...fine, acknowledged: false, unacknowledgedFor: PATIENCE + 1 })).toBe('waiting');
});

test('without a network it is on this device; before anything is here, it is being got', () => {
  expect(keptWhere({ ...fine, isUp: false })).toBe('on-device');
  expect(keptWhere({ ...fine, isUp: false, ready: false })).toBe('loading');
  expect(keptWhere({ ...fine, ready: false, synced: false })).toBe('loading');
});

test('a page from before an update says so, whether or not it ever had anything', () => {
  expect(keptWhere({ ...fine, outdated: true })).toBe('outdated');
  expect(keptWhere({ ...fine, outdated: true, ready: false, synced: false })).toBe('outdated');
});

test('a refusal is said once trying again has not helped; what is not open says so whatever else is', () => {
  expect(keptWhere({ ...fine, refusals: 2, acknowledged: false })).toBe('saving');
  expect(keptWhere({ ...fine, refusals: 3 })).toBe('refused');
  expect(keptWhere({ ...fine, forbidden: true, isUp: false })).toBe('forbidden');
});
