/** Lantern: paper lanterns in the dark; every button is lit from inside. */
import { box, theme } from './theme-making.js';

/** Lantern: paper lanterns in the dark; every button is lit from inside. */
export const LANTERN = theme({
  name: 'Lantern',
  backdrop: 'lantern',
  headingFont: 'serif',
  textFont: 'text',
  bullet: 'diamond',
  titleMark: null,
  colours: ['#1d1612', '#fdf0da', '#d5c3a8', '#ffb84d', '#f7916c', '#aed28b'],
  title: {
    colours: ['#181210', '#fdf0da', '#d5c3a8', '#ffb84d', '#f7916c', '#aed28b'],
    title: [0.09, 0.44, 0.82, 0.3],
    subtitle: [0.15, 0.78, 0.7, 0.12],
    align: 'center',
  },
  section: {
    colours: ['#241a13', '#fdf0da', '#d8c6aa', '#ffb84d', '#f7916c', '#aed28b'],
    title: [0.42, 0.24, 0.52, 0.3],
    subtitle: [0.42, 0.57, 0.5, 0.16],
    align: 'left',
  },
  styles: {
    title: { size: 62, weight: 500, lineSpacing: 1.08, tracking: -0.01, color: 'accent' },
    opening: { size: 100, weight: 500, lineSpacing: 0.98, tracking: -0.025 },
    subtitle: { size: 36, weight: 400, lineSpacing: 1.32, tracking: null },
    body: { size: 36, weight: 400, lineSpacing: 1.42, tracking: 0.003 },
    caption: { size: 26, weight: 400, lineSpacing: 1.3, tracking: null },
  },
  boxes: {
    button: box({
      shape: 'lantern',
      corner: 0,
      fill: 'accent',
      words: '#241509',
      outline: '#fff0cf',
      weight: 0,
      halo: true,
    }),
    piece: box({ shape: 'lantern', corner: 0, fill: '#fbe3b4', words: '#241509', outline: 'transparent', weight: 0 }),
    card: box({ shape: 'rectangle', corner: 16, fill: '#2b211a', outline: '#6d5232' }),
    choice: box({ shape: 'rectangle', corner: 12, fill: '#1d1612', outline: '#5b4630' }),
    choiceLetter: 'bare',
    zone: box({ shape: 'rectangle', corner: 20, fill: '#2b211a', outline: 'accent', weight: 3 }),
  },
  table: {
    headFill: '#3d2b17',
    headWords: 'accent',
    ground: '#241b15',
    stripe: 'transparent',
    line: '#574129',
    weight: 2,
    rules: 'rows',
  },
});
