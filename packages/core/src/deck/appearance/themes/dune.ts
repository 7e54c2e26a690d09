/** Dune: one crest between light and shade; buttons and cards are cut the same way. */
import { box, theme } from './theme-making.js';

/** Dune: one crest between light and shade; buttons and cards are cut the same way. */
export const DUNE = theme({
  name: 'Dune',
  backdrop: 'dune',
  headingFont: 'wide',
  textFont: 'wide',
  bullet: 'crest',
  titleMark: null,
  colours: ['#fcf1dd', '#391f10', '#6a4a31', '#a8380f', '#14585e', '#7a3367'],
  title: {
    colours: ['#ffe0a6', '#391b0b', '#603c1f', '#a8380f', '#14585e', '#7a3367'],
    title: [0.07, 0.1, 0.5, 0.3],
    subtitle: [0.07, 0.43, 0.52, 0.12],
    align: 'left',
  },
  section: {
    colours: ['#84290c', '#fff3de', '#fad6b4', '#ffc470', '#a4dcd6', '#f4bfe0'],
    title: [0.07, 0.14, 0.76, 0.24],
    subtitle: [0.07, 0.4, 0.6, 0.12],
    align: 'left',
  },
  styles: {
    title: { size: 58, weight: 800, lineSpacing: 1.08, tracking: -0.025 },
    opening: { size: 88, weight: 800, lineSpacing: 0.98, tracking: -0.035 },
    subtitle: { size: 36, weight: 500, lineSpacing: 1.3, tracking: null },
    body: { size: 35, weight: 400, lineSpacing: 1.42, tracking: null },
    caption: { size: 26, weight: 400, lineSpacing: 1.3, tracking: null },
  },
  boxes: {
    button: box({ shape: 'blown', corner: 40, fill: 'second', words: '#ffffff', outline: '#fff3de', weight: 4 }),
    piece: box({ shape: 'blown', corner: 24, fill: 'accent', words: '#fff8ea', outline: 'transparent', weight: 0 }),
    card: box({ shape: 'blown', corner: 56, fill: '#fffaf0', outline: 'transparent', weight: 0 }),
    choice: box({ shape: 'blown', corner: 26, fill: '#fcebcd', outline: '#fcebcd' }),
    choiceLetter: 'bare',
    zone: box({ shape: 'blown', corner: 56, fill: '#f6dfb4', outline: 'accent', weight: 3 }),
  },
  table: {
    headFill: 'second',
    headWords: '#ffffff',
    ground: '#fffaf0',
    stripe: '#f9e6c4',
    line: '#e6c797',
    weight: 2,
    rules: 'none',
  },
});
