/** Workshop: the drawing on the bench, for whatever is measured. */
import { box, theme } from './theme-making.js';

/** Workshop: the drawing on the bench, for whatever is measured. */
export const WORKSHOP = theme({
  name: 'Workshop',
  backdrop: 'workshop',
  headingFont: 'mono',
  textFont: 'text',
  bullet: 'plus',
  titleMark: null,
  colours: ['#f3f6f8', '#14202c', '#475665', '#1a4fc0', '#bb3608', '#00685f'],
  title: {
    colours: ['#10328a', '#ffffff', '#cddaff', '#ffd45e', '#ffa383', '#8fe3d6'],
    title: [0.07, 0.11, 0.62, 0.3],
    subtitle: [0.07, 0.44, 0.6, 0.12],
    align: 'left',
  },
  section: {
    colours: ['#ffcb3d', '#171717', '#4a3b10', '#163a96', '#8f2600', '#00554c'],
    title: [0.09, 0.2, 0.82, 0.24],
    subtitle: [0.09, 0.47, 0.7, 0.12],
    align: 'left',
  },
  styles: {
    title: { size: 52, weight: 700, lineSpacing: 1.1, tracking: -0.04 },
    opening: { size: 76, weight: 800, lineSpacing: 1.02, tracking: -0.05 },
    subtitle: { size: 36, weight: 400, lineSpacing: 1.3, tracking: null },
    body: { size: 36, weight: 400, lineSpacing: 1.38, tracking: null },
    caption: { size: 26, weight: 400, lineSpacing: 1.3, tracking: null },
  },
  boxes: {
    button: box({ shape: 'notched', corner: 24, fill: '#ffcb3d', words: '#14202c', outline: '#14202c', weight: 4 }),
    piece: box({ shape: 'notched', corner: 16, fill: '#ffffff', outline: 'accent', weight: 4 }),
    card: box({ shape: 'notched', corner: 22, fill: '#ffffff', weight: 3 }),
    choice: box({ shape: 'rectangle', corner: 0, fill: '#eef3fb', outline: '#9db3d6' }),
    choiceLetter: 'filled',
    zone: box({ shape: 'rectangle', corner: 0, fill: '#e3ebf8', outline: 'accent', weight: 3, dash: [24, 8, 5, 8] }),
  },
  table: {
    headFill: 'words',
    headWords: '#ffffff',
    ground: '#ffffff',
    stripe: 'transparent',
    line: '#8fa0b3',
    weight: 2,
    rules: 'grid',
  },
});
