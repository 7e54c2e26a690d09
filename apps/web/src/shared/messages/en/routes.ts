/** Words about links, the ways through a deck, and the map. */
import type { UnreadKind } from '@gobrel/core/formats';

const unreadWords: Readonly<Record<UnreadKind, string>> = {
  look: 'tells only how it looks',
  undirected: 'has no direction, and was taken as leading forward',
  other: 'could not be understood',
  unclosed: 'is not closed; it was read as if it were',
  'not-this-format': 'this is not a graph in DOT or Mermaid',
  'too-much': 'is more than can be brought in at once',
};

const percent = (share: number) => `${Math.round(share * 100)} %`;

export const routes = {
  openLinks: (count: number) => `Open links: ${count}`,
  openLinksHint: 'They lead to slides that are not in this deck. Press one to go to it and lead it elsewhere.',
  openLink: (slide: string, carrier: string) => `${slide}: “${carrier}”`,
  removeTitle: (links: number) => `${links} ${links === 1 ? 'link leads' : 'links lead'} to what you remove`,
  leadInstead: 'Where shall they lead instead?',
  stayOpen: 'nowhere: leave open, to be led later',
  removeSlides: (count: number) => (count === 1 ? 'Remove the slide' : `Remove ${count} slides`),
  percent,
  map: 'Map of the deck',
  table: 'Slides as a table',
  asTable: 'Table',
  asMap: 'Map',
  shownAs: 'Shown as',
  find: 'Find a slide',
  findHint: 'Find a slide …',
  looks: {
    all: 'everything',
    onward: 'what is reached from here',
    back: 'what leads here',
    route: 'the shortest way here',
  },
  look: 'Show',
  walks: 'Walks that were kept',
  forgetWalk: 'Forget this walk',
  walkForgotten: 'The walk is forgotten.',
  heat: 'Chances: how likely a reader who chooses at random sees each slide',
  layOut: 'Lay out anew: forget where slides were put by hand',
  laidOut: 'The map is laid out anew.',
  addSlide: 'Add a slide',
  takeOut: 'Take along',
  asSvg: 'As a drawing (SVG)',
  asPng: 'As a picture (PNG)',
  print: 'On paper',
  asDot: 'As text: Graphviz DOT',
  asMermaid: 'As text: Mermaid flowchart',
  bringIn: 'Bring in DOT or Mermaid',
  drawing: 'The map is being drawn …',
  notDrawn: 'The map is too large to be drawn as one picture. Take it as a drawing (SVG).',
  bringInTitle: 'Bring slides in from a graph',
  bringInText: 'Graphviz DOT or a Mermaid flowchart',
  bringInHint: 'Paste it here, or choose a file. Every node becomes a slide, every connection a choice.',
  bringItIn: 'Make slides of it',
  understood: (slides: number, links: number) =>
    `${slides} ${slides === 1 ? 'slide' : 'slides'} and ${links} ${links === 1 ? 'link' : 'links'} are understood.`,
  notUnderstood: 'What is not brought in:',
  unread: (kind: UnreadKind, said: string, line: number) =>
    `${line > 0 ? `Line ${line}: ` : ''}${unreadWords[kind]}${said ? ` (${said})` : ''}`,
  broughtIn: (slides: number) => `${slides} ${slides === 1 ? 'slide is' : 'slides are'} brought in.`,
  zoomIn: 'Nearer',
  zoomOut: 'Farther off',
  fit: 'All in sight',
  port: { in: 'Ways in', out: 'Drag from here to where a choice leads' },
  card: (place: number, name: string, notes: readonly string[]) => [`${place} ${name}`, ...notes].join(', '),
  cardHint:
    'Enter chooses the slide, a second Enter opens it. Arrow keys move its card. Delete removes it. W draws a way from it.',
  itemLinks: 'Drag one to the slide it leads to',
  itemLink: (name: string, leadsTo: string | null) =>
    `${name}, ${leadsTo === null ? 'leads nowhere' : `leads to ${leadsTo}`}. Drag it to a slide, or press to see it`,
  wayHint: 'Delete takes the link away.',
  way: (from: string, to: string, carrier: string) => `From ${from} to ${to}, by “${carrier}”`,
  orderWay: (from: string, to: string) => `From ${from} to ${to}, by next`,
  wayTo: (name: string) => `Where does a new choice on “${name}” lead?`,
  newSlide: 'New slide',
  troubles: {
    unreached: 'no way leads here',
    'cut-off': 'ways lead here, but nobody gets to them',
    'dead-end': 'no way on',
    trapped: 'in a loop without a way out',
    shut: 'a link here never opens',
    'open-link': 'a link here leads nowhere',
  },
  ending: 'an ending',
  endingTitle: 'As an ending',
  endings: { yes: 'an ending', no: 'goes on' },
  endsOfItself: {
    order: 'An ending: nothing follows in the order.',
    link: 'An ending: a link here ends the walk.',
  },
  seen: (share: number) => (Number.isNaN(share) ? 'chance not counted' : `seen by ${percent(share)}`),
  counting: 'Counting …',
  ofSlide: {
    title: 'Ways here',
    ending: (routes: string) => `an ending: ${routes} ${routes === '1' ? 'route leads' : 'routes lead'} here`,
    distance: (slides: number) => `${slides} ${slides === 1 ? 'slide' : 'slides'} on the shortest way here`,
    seen: (share: number) => `seen by ${percent(share)} of readers who choose at random`,
  },
  sum: {
    slides: (count: number) => `${count} ${count === 1 ? 'slide' : 'slides'}`,
    endings: (count: number) => `${count} ${count === 1 ? 'ending' : 'endings'}`,
    routes: (shortest: number | null, longest: number | 'endless' | null) =>
      shortest === null
        ? 'no route to an ending'
        : `routes of ${shortest} to ${longest === 'endless' ? 'endlessly many' : longest} slides`,
    length: (length: number) =>
      Number.isNaN(length)
        ? 'too many loops to count an average walk'
        : length === Infinity
          ? 'a random walk may never end'
          : `${length.toFixed(1)} slides on an average walk`,
    gates: 'links that wait counted as open',
    troubles: (count: number) =>
      count === 0 ? 'nothing is wrong with the ways' : `${count} ${count === 1 ? 'slide needs' : 'slides need'} a look`,
  },
  columns: {
    slide: 'Slide',
    trouble: 'To look at',
    leads: 'Leads to',
    distance: 'Shortest way',
    routes: 'Routes to this ending',
    seen: 'Seen by',
    visits: 'Visits a walk',
  },
  endless: 'endless',
  sortBy: (column: string) => `Sort by ${column}`,
  download: 'Save as CSV',
  fileName: (title: string) => `${title} – routes.csv`,
  linkLed: (carrier: string, to: string) => `“${carrier}” leads to ${to} now.`,
  linkGone: (carrier: string) => `The link of “${carrier}” is taken away.`,
  orderStays: 'This way is the running order. Set the slide to be left by links only, and it is gone.',
} as const;
