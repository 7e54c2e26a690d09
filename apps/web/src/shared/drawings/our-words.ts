/** A drawing each for piece, pile, zone, viewpoint, hotspot, backdrop and route: strokes in a square of 24. */
import { createLucideIcon } from 'lucide-react';

/** Outlines of what is not seen, or not there any more. */
const DASHES = '3 2.6';

/** A card lifted off its place. */
export const PieceIcon = createLucideIcon('Piece', [
  [
    'path',
    {
      key: 'place',
      d: 'M6.5 10H4.5A1.5 1.5 0 0 0 3 11.5v7A1.5 1.5 0 0 0 4.5 20h9a1.5 1.5 0 0 0 1.5-1.5V17',
      strokeDasharray: DASHES,
    },
  ],
  ['rect', { key: 'card', x: '9', y: '4', width: '12', height: '9', rx: '1.5' }],
]);

/** Cards on top of each other, of which the first can be taken. */
export const PileIcon = createLucideIcon('Pile', [
  ['rect', { key: 'first', x: '3', y: '11', width: '12', height: '9', rx: '1.5' }],
  ['path', { key: 'second', d: 'M6 7.5h10.5A1.5 1.5 0 0 1 18 9v8' }],
  ['path', { key: 'third', d: 'M9 4h10.5A1.5 1.5 0 0 1 21 5.5V14' }],
]);

/** A marked-out place with a card in it. */
export const ZoneIcon = createLucideIcon('Zone', [
  ['rect', { key: 'place', x: '3', y: '4', width: '18', height: '16', rx: '2', strokeDasharray: DASHES }],
  ['rect', { key: 'card', x: '7', y: '11', width: '7', height: '5', rx: '1' }],
]);

/** What one sees of a slide from where one stands. */
export const ViewpointIcon = createLucideIcon('Viewpoint', [
  ['rect', { key: 'seen', x: '10', y: '4', width: '11', height: '8', rx: '1.5' }],
  ['path', { key: 'sight', d: 'M5.4 17.4 10 5M7 18.2l14-6.6' }],
  ['circle', { key: 'eye', cx: '4.8', cy: '19', r: '1.8' }],
]);

/** A place without an outline of its own that answers when it is pressed. */
export const HotspotIcon = createLucideIcon('Hotspot', [
  ['rect', { key: 'place', x: '3', y: '4', width: '18', height: '16', rx: '2', strokeDasharray: DASHES }],
  ['circle', { key: 'press', cx: '12', cy: '12', r: '1.4' }],
  ['path', { key: 'answer', d: 'M12 7.6a4.4 4.4 0 0 1 4.4 4.4M12 16.4A4.4 4.4 0 0 1 7.6 12' }],
]);

/** A picture behind everything, locked. */
export const BackdropIcon = createLucideIcon('Backdrop', [
  ['path', { key: 'slide', d: 'M21 9.5V6a2 2 0 0 0-2-2H5a2 2 0 0 0-2 2v11a2 2 0 0 0 2 2h5.5' }],
  ['path', { key: 'hills', d: 'm3 15 5-5 4 4' }],
  ['rect', { key: 'lock', x: '14', y: '16', width: '8', height: '5', rx: '1' }],
  ['path', { key: 'shackle', d: 'M16 16v-1.5a2 2 0 0 1 4 0V16' }],
]);

/** A way that divides. */
export const RouteIcon = createLucideIcon('Route', [
  ['path', { key: 'ways', d: 'M12 18v-4L6.4 7.5M12 14l5.5-4.8' }],
  ['circle', { key: 'start', cx: '12', cy: '20', r: '2' }],
  ['circle', { key: 'left', cx: '5', cy: '6', r: '2' }],
  ['circle', { key: 'right', cx: '19', cy: '8', r: '2' }],
]);
