/** A picture for each kind of destination that is no slide of its own. */
import type { Destination } from '@gobrel/core/deck';
import {
  ArrowLeft,
  ArrowLeftToLine,
  ArrowRight,
  ArrowRightToLine,
  BookOpen,
  CornerUpLeft,
  File,
  Flag,
  Focus,
  Globe,
  type LucideIcon,
  Split,
  Undo2,
  Unlink,
} from 'lucide-react';

export const destinationIcons: Readonly<Record<Destination['to'], LucideIcon>> = {
  slide: Unlink,
  viewpoint: Focus,
  next: ArrowRight,
  previous: ArrowLeft,
  first: ArrowLeftToLine,
  last: ArrowRightToLine,
  back: Undo2,
  restart: CornerUpLeft,
  end: Flag,
  'by-answer': Split,
  deck: BookOpen,
  file: File,
  web: Globe,
};
