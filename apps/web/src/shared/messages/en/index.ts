/** Every word of the interface, in English. A second language is a second folder of this shape. */
import { board } from './board';
import { common, kept } from './common';
import { editor } from './editor';
import { exchange } from './exchange';
import { frame, elsewhere } from './frame';
import { ground } from './ground';
import { handOut, lessons, classes, classList } from './lessons';
import { keys } from './keys';
import { lines } from './lines';
import { gateMissing, links } from './links';
import { library } from './library';
import { onSlides } from './on-slides';
import { order } from './order';
import { show, walking } from './show';
import { colours, kinds, layouts, roles, shapes, slides } from './names';
import { duration, moment, timeOfDay } from './phrases';
import { signs } from './signs';
import { tables } from './tables';
import { starters } from './starters';
import { signIn } from './sign-in';
import { plan } from './plan';
import { questions } from './questions';
import { routes } from './routes';
import { ownThemes, textStyles } from './text-styles';
import { authors, versions } from './versions';
import { telling } from './telling';
import { join, student } from './student';
import { adding } from './adding';
import { leading } from './leading';
import { turns } from './turns';
import { watching } from './watching';
import { reviewing } from './reviewing';
import { gradebook } from './gradebook';
import { seats } from './seats';
import { video } from './video';

export const en = {
  video,
  common,
  duration,
  moment,
  timeOfDay,
  kept,
  frame,
  elsewhere,
  signIn,
  library,
  handOut,
  lessons,
  classes,
  classList,
  kinds,
  colours,
  layouts,
  roles,
  shapes,
  slides,
  editor,
  order,
  ground,
  lines,
  links,
  gateMissing,
  keys,
  plan,
  routes,
  signs,
  tables,
  starters,
  textStyles,
  versions,
  authors,
  ownThemes,
  show,
  walking,
  join,
  student,
  board,
  exchange,
  onSlides,
  questions,
  telling,
  adding,
  leading,
  turns,
  watching,
  reviewing,
  gradebook,
  seats,
} as const;
