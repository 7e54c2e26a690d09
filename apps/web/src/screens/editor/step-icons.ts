/** A picture for each way of walking that a link can ask for. */
import type { Step } from '@gobrel/core/deck';
import {
  ArrowLeft,
  ArrowLeftToLine,
  ArrowRight,
  ArrowRightToLine,
  CornerUpLeft,
  Flag,
  type LucideIcon,
  Undo2,
} from 'lucide-react';

export const stepIcons: Readonly<Record<Step, LucideIcon>> = {
  next: ArrowRight,
  previous: ArrowLeft,
  first: ArrowLeftToLine,
  last: ArrowRightToLine,
  back: Undo2,
  restart: CornerUpLeft,
  end: Flag,
};
