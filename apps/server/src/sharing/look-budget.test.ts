import { LookBudget } from './look-budget.js';

/** A budget and a clock that is moved by hand, in milliseconds. */
function budgetAt() {
  const clock = { now: 0 };
  const budget = new LookBudget(() => clock.now);
  const asked = (times: number, address = 'saltmarshAtNight') => {
    let refused = 0;
    for (let count = 0; count < times; count += 1) {
      try {
        budget.count(address);
      } catch {
        refused += 1;
      }
    }
    return refused;
  };
  return { clock, asked };
}

test('a hall that opens a show at once is let in; a loop waits, and asking in vain makes it wait no longer', () => {
  const { clock, asked } = budgetAt();
  expect(asked(1000)).toBe(0);
  expect(asked(5000)).toBe(5000);
  clock.now = 1000;
  expect(asked(300)).toBe(100);
});

test('one show that is asked too often holds back no other', () => {
  const { asked } = budgetAt();
  asked(2000);
  expect(asked(1, 'another')).toBe(0);
});

test('what rests is forgotten, so that shares without end take no memory', () => {
  const { clock, asked } = budgetAt();
  for (let share = 0; share < 1000; share += 1) asked(1, `share ${share}`);
  clock.now = 60_000;
  expect(asked(1001, 'share 0')).toBe(1);
});
