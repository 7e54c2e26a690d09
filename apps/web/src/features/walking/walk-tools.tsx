/** What can be done beside walking, for whoever looks by themselves: starting over, going on by itself, full screen. */
import { Expand, Pause, Play, RotateCcw, Shrink } from 'lucide-react';
import { messages } from '../../shared/messages';
import { IconButton } from '../../shared/ui';

interface WalkToolsProps {
  readonly onStartOver: () => void;
  /** Whether it goes on by itself just now; `null` for a deck that never does. */
  readonly goesOn: boolean | null;
  readonly onGoesOn: (goesOn: boolean) => void;
  readonly isFull: boolean;
  readonly onFull: () => void;
}

export function WalkTools({ onStartOver, goesOn, onGoesOn, isFull, onFull }: WalkToolsProps) {
  const says = messages.shown;
  return (
    <>
      <IconButton name={says.startOver} onClick={onStartOver}>
        <RotateCcw size={20} aria-hidden />
      </IconButton>
      {goesOn === null ? null : (
        <IconButton
          name={goesOn ? says.stopGoingOn : says.goOn}
          // A press elsewhere stops it; this one says itself what it does.
          onPointerDown={(event) => event.stopPropagation()}
          onClick={() => onGoesOn(!goesOn)}
        >
          {goesOn ? <Pause size={20} aria-hidden /> : <Play size={20} aria-hidden />}
        </IconButton>
      )}
      {document.fullscreenEnabled ? (
        <IconButton name={isFull ? says.leaveFullScreen : says.fullScreen} onClick={onFull}>
          {isFull ? <Shrink size={20} aria-hidden /> : <Expand size={20} aria-hidden />}
        </IconButton>
      ) : null}
    </>
  );
}
