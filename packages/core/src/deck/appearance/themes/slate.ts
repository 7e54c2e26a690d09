/** Slate: chalk on slate; handwriting for titles only. */
import { box, theme } from './theme-making.js';

/** Slate: chalk on slate; handwriting for titles only. */
export const SLATE = theme({
  name: 'Slate',
  backdrop: 'slate',
  headingFont: 'handwriting',
  textFont: 'text',
  bullet: 'dash',
  titleMark: { kind: 'chalk', color: 'soft' },
  colours: ['#2a3136', '#f6f3e8', '#c9cfcb', '#f5d874', '#9fd0ef', '#f5b0b6'],
  title: {
    colours: ['#232a2f', '#f6f3e8', '#c9cfcb', '#f5d874', '#9fd0ef', '#f5b0b6'],
    title: [0.07, 0.2, 0.5, 0.38],
    subtitle: [0.07, 0.62, 0.4, 0.16],
    align: 'left',
  },
  section: {
    colours: ['#2a3136', '#f6f3e8', '#c9cfcb', '#f5d874', '#9fd0ef', '#f5b0b6'],
    title: [0.09, 0.2, 0.8, 0.26],
    subtitle: [0.09, 0.51, 0.7, 0.12],
    align: 'left',
  },
  styles: {
    title: { size: 88, weight: 700, lineSpacing: 0.95, tracking: null, color: 'accent' },
    opening: { size: 140, weight: 700, lineSpacing: 0.86, tracking: -0.01 },
    subtitle: { size: 36, weight: 400, lineSpacing: 1.3, tracking: null },
    body: { size: 36, weight: 400, lineSpacing: 1.38, tracking: 0.003 },
    caption: { size: 26, weight: 400, lineSpacing: 1.3, tracking: null },
  },
  boxes: {
    button: box({ shape: 'chalk', corner: 0, fill: '#1d2327', words: '#f6f3e8', outline: 'accent', weight: 5 }),
    piece: box({ shape: 'chalk', corner: 0, fill: '#f6f3e8', words: '#22292d', outline: 'transparent', weight: 0 }),
    card: box({ shape: 'chalk', corner: 0, fill: '#323a40', outline: 'soft', weight: 3 }),
    choice: box({ shape: 'rectangle', corner: 8, fill: '#2a3136', outline: '#6f7a7d' }),
    choiceLetter: 'ringed',
    zone: box({ shape: 'chalk', corner: 0, fill: '#313a3f', outline: 'second', weight: 4, dash: [22, 12] }),
  },
  table: {
    headFill: 'transparent',
    headWords: 'accent',
    ground: '#2f373c',
    stripe: 'transparent',
    line: '#8b9593',
    weight: 3,
    rules: 'grid',
  },
});
