/** Draws a question answered by speaking: a recorder, and what was recorded to listen to. */
import type { SpokenItem } from '@gobrel/core/deck';
import { canAnswer } from '../hands.js';
import { useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';
import { QuestionCard } from './question-card.js';
import { useRecorder } from './use-recorder.js';

export function SpokenView({ item, fillIn }: ItemProps<SpokenItem>) {
  const { asking } = useSurroundings().words;
  const answer = fillIn?.work.answers[item.id];
  const recording = answer?.kind === 'sound' ? answer : null;
  const open = canAnswer(fillIn, item.id);
  const { seconds, start, stop } = useRecorder({
    longest: item.longest,
    onRecorded: (sound) => fillIn?.setAnswer(item.id, sound),
    onFailed: () => fillIn?.warn(asking.noMicrophone),
  });
  const press = () => {
    if (seconds === null) void start();
    else stop();
  };
  const label = seconds !== null ? asking.stop : recording ? asking.recordAgain : asking.record;
  return (
    <QuestionCard item={item}>
      <div className="gv-tools gv-recorder">
        {open || !fillIn ? (
          <button type="button" className={seconds === null ? '' : 'gv-recording'} disabled={!fillIn} onClick={press}>
            <span aria-hidden>{seconds === null ? '●' : '■'}</span> {label}
          </button>
        ) : null}
        <output>
          {seconds !== null
            ? asking.recording(Math.floor(seconds), item.longest)
            : recording
              ? asking.recorded(Math.round(recording.seconds))
              : ''}
        </output>
      </div>
      {recording && seconds === null ? (
        <audio
          className="gv-sound"
          controls
          aria-label={asking.recorded(Math.round(recording.seconds))}
          src={`data:${recording.type};base64,${recording.bytes}`}
        />
      ) : null}
    </QuestionCard>
  );
}
