/** The buttons that every window of a show has: the steps of the walk, and what the hand does. */
import { ArrowLeft, ArrowRight, CornerUpLeft, MousePointer2, PenLine } from 'lucide-react';
import type { ComponentProps, ComponentType } from 'react';
import type { IconButton } from '../../../shared/ui';
import type { Walk } from '../../walking';
import { messages } from '../../../shared/messages';
import type { Show } from './use-show';

/** How a button looks on the ground it stands on. */
type Press = ComponentType<ComponentProps<typeof IconButton>>;

export function StepButtons({ walk, press: Press }: { walk: Walk; press: Press }) {
  return (
    <>
      <Press name={messages.walking.back} disabled={!walk.canGoBack} onClick={() => walk.step({ type: 'back' })}>
        <ArrowLeft size={22} aria-hidden />
      </Press>
      <Press name={messages.walking.next} onClick={() => walk.step({ type: 'next' })}>
        <ArrowRight size={22} aria-hidden />
      </Press>
      <Press name={messages.show.restart} onClick={() => walk.step({ type: 'restart' })}>
        <CornerUpLeft size={20} aria-hidden />
      </Press>
    </>
  );
}

export function HandButtons({ show: { hand, setHand }, press: Press }: { show: Show; press: Press }) {
  return (
    <>
      <Press
        name={messages.show.pen}
        pressed={hand === 'pen'}
        onClick={() => setHand(hand === 'pen' ? 'press' : 'pen')}
      >
        <PenLine size={20} aria-hidden />
      </Press>
      <Press
        name={messages.show.pointer}
        pressed={hand === 'pointer'}
        onClick={() => setHand(hand === 'pointer' ? 'press' : 'pointer')}
      >
        <MousePointer2 size={20} aria-hidden />
      </Press>
    </>
  );
}
