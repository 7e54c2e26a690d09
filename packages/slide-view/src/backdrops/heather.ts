/** Heather: knitted borders in heather, moss and bracken. */
import { line, n, rect, unit, type Backdrop, type Tint, ACCENT, WORDS, SECOND, THIRD } from './drawing.js';

export const heather: Backdrop = (w, h, page) => {
  const u = unit(w, h);
  const motif = [
    'b.b.b.b.b.b.',
    '............',
    '.....a......',
    '....aaa.....',
    '...aacaa...c',
    'c.aaccca..cc',
    '...aacaa...c',
    '....aaa.....',
    '.....a......',
    '............',
    'b.b.b.b.b.b.',
  ];
  const knit = (
    rows: readonly string[],
    y0: number,
    size: number,
    tone: Readonly<Record<string, Tint>>,
    from: number | null = null,
    x1 = w,
  ) => {
    const sx = 20 * size * u;
    const sy = 15 * size * u;
    const by: Record<string, string> = {};
    // A band across the slide has the middle of a motif in the slide's middle.
    const x0 = from ?? w / 2 - (5.5 + 12 * Math.ceil(w / 24 / sx)) * sx;
    rows.forEach((row, j) => {
      let i = 0;
      for (let x = x0; x < x1; x += sx, i += 1) {
        if (x < -sx) continue;
        const key = row[i % row.length] ?? '.';
        by[key] =
          `${by[key] ?? ''}M${n(x + 0.17 * sx)} ${n(y0 + j * sy)}l${n(0.33 * sx)} ${n(0.75 * sy)}l${n(0.33 * sx)} ${n(-0.75 * sy)}`;
      }
    });
    return Object.entries(by)
      .map(([key, d]) => {
        const [colour, op] = tone[key] ?? [WORDS, 1];
        return line(d, colour, 0.34 * sx, op);
      })
      .join('');
  };
  const pick: Readonly<Record<string, Tint>> = { '.': [WORDS, 0.12], a: [ACCENT, 1], b: [SECOND, 1], c: [THIRD, 1] };
  if (page === 'title')
    return (
      knit(motif, h - 196 * u, 1.15, pick) + knit(['b.b.b.b.b.b.', '............', 'cc..cc..cc..'], 8 * u, 1.15, pick)
    );
  if (page === 'section')
    return (
      rect(w - 330 * u, 0, 330 * u, h, WORDS, 0.06) +
      knit(
        Array.from({ length: Math.ceil(h / (16.5 * u)) }, (_, i) => [...motif, '............'][i % 12] ?? ''),
        8 * u,
        1.1,
        { ...pick, '.': [WORDS, 0.1] },
        w - 326 * u,
        w,
      )
    );
  return knit(['aa..aa..aa..', 'b.b.b.b.b.b.', '.cc..cc..cc.'], h - 45 * u, 1, {
    '.': [WORDS, 0.09],
    a: [ACCENT, 0.5],
    b: [SECOND, 0.5],
    c: [THIRD, 0.5],
  });
};
