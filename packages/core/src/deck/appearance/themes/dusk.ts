/** Dusk: the last light, for evenings, endings and everything that is told slowly. */
import { box, theme } from './theme-making.js';

/** Dusk: the last light, for evenings, endings and everything that is told slowly. */
export const DUSK = theme({
  name: 'Dusk',
  backdrop: 'dusk',
  headingFont: 'heading',
  textFont: 'wide',
  bullet: 'half',
  titleMark: null,
  colours: ['#23264d', '#fff4dd', '#d2cbe6', '#ffc76a', '#ff9f86', '#9cd9d0'],
  title: {
    colours: ['#1c1f45', '#fff4dd', '#d2cbe6', '#ffc76a', '#ff9f86', '#9cd9d0'],
    title: [0.07, 0.1, 0.7, 0.32],
    subtitle: [0.07, 0.44, 0.64, 0.12],
    align: 'left',
  },
  section: {
    colours: ['#5a2c5e', '#fff2e0', '#ecd3e4', '#ffc76a', '#ffb09a', '#a9e0d7'],
    title: [0.07, 0.26, 0.53, 0.3],
    subtitle: [0.07, 0.6, 0.5, 0.14],
    align: 'left',
  },
  styles: {
    title: { size: 64, weight: 500, lineSpacing: 1.05, tracking: -0.025, color: 'accent' },
    opening: { size: 100, weight: 500, lineSpacing: 0.96, tracking: -0.035 },
    subtitle: { size: 36, weight: 400, lineSpacing: 1.32, tracking: null },
    body: { size: 36, weight: 400, lineSpacing: 1.4, tracking: null },
    caption: { size: 26, weight: 400, lineSpacing: 1.3, tracking: null },
  },
  boxes: {
    button: box({ shape: 'pill', corner: 0, fill: 'accent', words: '#23264d', outline: 'transparent', weight: 0 }),
    piece: box({ shape: 'pill', corner: 0, fill: 'third', words: '#1b2145', outline: 'transparent', weight: 0 }),
    card: box({ shape: 'rectangle', corner: 28, fill: '#2f3263', outline: 'transparent', weight: 0 }),
    choice: box({ shape: 'rectangle', corner: 36, fill: '#23264d', outline: '#6a6ca6' }),
    choiceLetter: 'ringed',
    zone: box({ shape: 'rectangle', corner: 28, fill: '#2f3263', outline: 'second', weight: 3 }),
  },
  table: {
    headFill: '#3b3f79',
    headWords: 'accent',
    ground: '#23264d',
    stripe: '#2b2e5b',
    line: '#565994',
    weight: 2,
    rules: 'rows',
  },
});
