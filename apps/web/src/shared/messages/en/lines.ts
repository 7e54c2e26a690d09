/** Words about lines and arrows. */
import type { LineHead } from '@gobrel/core/deck';
import type { ConnectorStyle } from '@gobrel/core/geometry';

export const lines = {
  title: 'Lines',
  presets: {
    line: 'Line',
    arrow: 'Arrow',
    both: 'Arrow both ways',
    elbow: 'Arrow with elbows',
    curve: 'Curved arrow',
  },
  tieHint: 'Select two items first, and the line joins them.',
  handles: { 'line-end': 'Drag onto an item to tie it', 'line-middle': 'Drag to bend it' },
  way: 'ConnectorStyle',
  ways: { straight: 'Straight', elbow: 'With elbows', curve: 'Curved' } as Readonly<Record<ConnectorStyle, string>>,
  ends: 'Ends',
  begins: 'begins with',
  endsWith: 'ends with',
  heads: {
    none: 'nothing',
    arrow: 'an open arrow',
    triangle: 'a filled arrow',
    dot: 'a dot',
    diamond: 'a diamond',
    bar: 'a bar',
  } as Readonly<Record<LineHead, string>>,
  from: 'from',
  to: 'to',
  free: 'nowhere in particular',
  bend: 'bent by',
  color: 'Line',
} as const;
