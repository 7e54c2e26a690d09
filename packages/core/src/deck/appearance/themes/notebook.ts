/** The theme of a new deck: an exercise book kept with care. */
import { box, theme } from './theme-making.js';

/** The theme of a new deck. */
export const NOTEBOOK = theme({
  name: 'Notebook',
  backdrop: 'notebook',
  headingFont: 'heading',
  textFont: 'text',
  bullet: 'square',
  titleMark: { kind: 'marker', color: '#ffe27a' },
  colours: ['#fffdf6', '#17262b', '#475a60', '#0b5f5c', '#b23a22', '#3a4f96'],
  title: {
    colours: ['#0c4a49', '#fffaea', '#cfe6dd', '#ffd978', '#ee8a6c', '#aecbff'],
    title: [0.22, 0.25, 0.58, 0.27],
    subtitle: [0.22, 0.55, 0.58, 0.14],
    align: 'left',
  },
  section: {
    colours: ['#fff6dc', '#17262b', '#4a5853', '#0b5f5c', '#b23a22', '#3a4f96'],
    title: [0.09, 0.36, 0.8, 0.24],
    subtitle: [0.09, 0.63, 0.7, 0.14],
    align: 'left',
  },
  styles: {
    title: { size: 60, weight: 700, lineSpacing: 1.08, tracking: -0.012 },
    opening: { size: 84, weight: 800, lineSpacing: 1, tracking: -0.022 },
    subtitle: { size: 36, weight: 500, lineSpacing: 1.28, tracking: null },
    body: { size: 36, weight: 400, lineSpacing: 1.36, tracking: null },
    caption: { size: 26, weight: 400, lineSpacing: 1.3, tracking: null },
  },
  boxes: {
    button: box({ shape: 'rectangle', corner: 14, fill: '#ffe27a', weight: 3, lift: 6 }),
    piece: box({
      shape: 'rectangle',
      corner: 10,
      fill: '#ffffff',
      outline: 'accent',
      weight: 3,
      lift: 4,
      liftColor: 'accent',
    }),
    card: box({ shape: 'rectangle', corner: 14, fill: '#ffffff', weight: 3 }),
    choice: box({ shape: 'rectangle', corner: 10, fill: '#fffdf6', outline: '#b9c6cb' }),
    choiceLetter: 'filled',
    zone: box({ shape: 'rectangle', corner: 14, fill: '#eaf3f1', outline: 'accent', weight: 3, dash: [14, 9] }),
  },
  table: {
    headFill: 'accent',
    headWords: '#fffdf6',
    ground: '#ffffff',
    stripe: '#ffffff',
    line: '#b9c6cb',
    weight: 2,
    rules: 'grid',
  },
});
