/** Saltmarsh: the marsh seen from the air, set like a nature atlas. */
import { box, theme } from './theme-making.js';

/** Saltmarsh: the marsh seen from the air, set like a nature atlas. */
export const SALTMARSH = theme({
  name: 'Saltmarsh',
  backdrop: 'saltmarsh',
  headingFont: 'serif',
  textFont: 'text',
  bullet: 'drop',
  titleMark: null,
  colours: ['#eef3e8', '#11302a', '#41594f', '#17654a', '#8f5200', '#23607f'],
  title: {
    colours: ['#0f3b33', '#f5f8ea', '#c6dccf', '#93d6ad', '#f3c667', '#8fcbe2'],
    title: [0.07, 0.24, 0.415, 0.32],
    subtitle: [0.07, 0.6, 0.36, 0.18],
    align: 'left',
  },
  section: {
    colours: ['#cfe0cd', '#0e2c26', '#33493f', '#12563e', '#7a4300', '#1c5170'],
    title: [0.07, 0.44, 0.45, 0.28],
    subtitle: [0.07, 0.75, 0.42, 0.14],
    align: 'left',
  },
  styles: {
    title: { size: 62, weight: 600, lineSpacing: 1.08, tracking: -0.012 },
    opening: { size: 88, weight: 600, lineSpacing: 1, tracking: -0.022 },
    subtitle: { size: 36, weight: 500, lineSpacing: 1.3, tracking: null },
    body: { size: 36, weight: 400, lineSpacing: 1.38, tracking: null },
    caption: { size: 26, weight: 400, lineSpacing: 1.3, tracking: null },
  },
  boxes: {
    button: box({ shape: 'signpost', corner: 0, fill: '#fbf3dc', words: '#11302a', outline: '#6b4a22', weight: 4 }),
    piece: box({ shape: 'pill', corner: 0, fill: 'accent', words: '#fbfdf6', outline: 'transparent', weight: 0 }),
    card: box({ shape: 'rectangle', corner: 22, fill: '#fbfdf6', outline: '#9db8a6' }),
    choice: box({ shape: 'rectangle', corner: 16, fill: '#eef3e8', outline: '#eef3e8' }),
    choiceLetter: 'bare',
    zone: box({ shape: 'rectangle', corner: 26, fill: '#dbe8dc', outline: 'third', weight: 3, dash: [2, 8] }),
  },
  table: {
    headFill: '#d3e2d3',
    headWords: 'words',
    ground: '#fbfdf6',
    stripe: 'transparent',
    line: '#9db8a6',
    weight: 2,
    rules: 'rows',
  },
});
