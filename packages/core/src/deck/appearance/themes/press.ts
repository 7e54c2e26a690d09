/** Press: a front page in black, white and one hot red. */
import { box, theme } from './theme-making.js';

/** Press: a front page in black, white and one hot red. */
export const PRESS = theme({
  name: 'Press',
  backdrop: 'press',
  headingFont: 'serif',
  textFont: 'serif',
  bullet: 'square',
  titleMark: null,
  colours: ['#faf8f3', '#151412', '#4b4741', '#b1121f', '#1d3f86', '#245c39'],
  title: {
    colours: ['#faf8f3', '#151412', '#4b4741', '#b1121f', '#d3202c', '#245c39'],
    title: [0.035, 0.13, 0.54, 0.4],
    subtitle: [0.035, 0.57, 0.44, 0.2],
    align: 'left',
  },
  section: {
    colours: ['#161513', '#fbf8f1', '#cdc7ba', '#ff6a5c', '#a6bdf5', '#97d1a6'],
    title: [0.09, 0.24, 0.8, 0.23],
    subtitle: [0.09, 0.5, 0.7, 0.12],
    align: 'left',
  },
  styles: {
    title: { size: 66, weight: 800, lineSpacing: 1, tracking: -0.022 },
    opening: { size: 104, weight: 800, lineSpacing: 0.94, tracking: -0.035 },
    subtitle: { size: 36, weight: 500, lineSpacing: 1.25, tracking: null },
    body: { size: 36, weight: 400, lineSpacing: 1.36, tracking: null },
    caption: { size: 26, weight: 400, lineSpacing: 1.3, tracking: null },
  },
  boxes: {
    button: box({
      shape: 'sharp-rectangle',
      corner: 0,
      fill: '#151412',
      words: '#ffffff',
      outline: '#ffffff',
      inset: 8,
    }),
    piece: box({ shape: 'sharp-rectangle', corner: 0, fill: '#ffffff', weight: 3, lift: 4, liftColor: 'accent' }),
    card: box({ shape: 'rectangle', corner: 0, fill: '#ffffff', top: 10 }),
    choice: box({ shape: 'rectangle', corner: 0, fill: '#ffffff' }),
    choiceLetter: 'filled',
    zone: box({ shape: 'rectangle', corner: 0, fill: '#efebe1', weight: 3 }),
  },
  table: {
    headFill: 'transparent',
    headWords: 'words',
    ground: 'transparent',
    stripe: 'transparent',
    line: '#151412',
    weight: 1.5,
    rules: 'press',
  },
});
