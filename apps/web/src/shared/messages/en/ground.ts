/** Words about the ground of slides. */
export const ground = {
  title: 'Ground',
  kind: 'Kind of ground',
  plain: 'one colour',
  wash: 'two colours',
  washTo: 'Second colour of the ground',
  angle: 'runs towards, degrees',
  picture: 'Picture on the ground',
  otherPicture: 'Another picture',
  noPicture: 'Take the picture off the ground',
  lay: 'How it lies',
  lays: { fit: 'whole', fill: 'filling', tile: 'tiled' },
  faded: 'faded',
  onAll: 'This ground on all slides',
} as const;
