/** Rock pool: looking down into clear water, for the youngest. */
import { box, theme } from './theme-making.js';

/** Rock pool: looking down into clear water, for the youngest. */
export const ROCK_POOL = theme({
  name: 'Rock pool',
  backdrop: 'rock-pool',
  headingFont: 'rounded',
  textFont: 'rounded',
  bullet: 'ring',
  titleMark: null,
  colours: ['#dff3f2', '#0a2c3d', '#36586a', '#0a5c80', '#b8243f', '#5b3f9c'],
  title: {
    colours: ['#0a475d', '#f4fcf8', '#c3e6e6', '#80dcd4', '#ff9d94', '#dcc1fa'],
    title: [0.15, 0.24, 0.7, 0.32],
    subtitle: [0.2, 0.59, 0.6, 0.13],
    align: 'center',
  },
  section: {
    colours: ['#c5e9ea', '#08283a', '#2d4c5e', '#085275', '#a81c37', '#53388f'],
    title: [0.07, 0.2, 0.7, 0.26],
    subtitle: [0.07, 0.49, 0.6, 0.13],
    align: 'left',
  },
  styles: {
    title: { size: 62, weight: 800, lineSpacing: 1.06, tracking: -0.012 },
    opening: { size: 100, weight: 800, lineSpacing: 0.98, tracking: -0.022 },
    subtitle: { size: 36, weight: 600, lineSpacing: 1.28, tracking: null },
    body: { size: 38, weight: 600, lineSpacing: 1.36, tracking: null },
    caption: { size: 26, weight: 600, lineSpacing: 1.3, tracking: null },
  },
  boxes: {
    button: box({ shape: 'pebble', corner: 0, fill: '#ffffff', outline: 'accent', weight: 6 }),
    piece: box({
      shape: 'pebble',
      corner: 0,
      fill: 'accent',
      words: '#ffffff',
      outline: 'transparent',
      weight: 0,
      lift: 5,
    }),
    card: box({ shape: 'rectangle', corner: 40, fill: '#ffffff', outline: 'transparent', weight: 0 }),
    choice: box({ shape: 'rectangle', corner: 34, fill: '#e6f6f5', outline: '#e6f6f5', weight: 3 }),
    choiceLetter: 'filled',
    zone: box({ shape: 'pebble', corner: 0, fill: '#bfe3e6', outline: 'accent', weight: 6 }),
  },
  table: {
    headFill: 'third',
    headWords: '#ffffff',
    ground: '#ffffff',
    stripe: 'transparent',
    line: '#dff3f2',
    weight: 6,
    rules: 'gaps',
  },
});
