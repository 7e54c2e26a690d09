/** Trying a slide as a student without leaving the editor; what was done there can be kept as the key. */
import { type Deck, sizeOf, type SlideId } from '@gobrel/core/deck';
import { keepAsKey } from '@gobrel/core/questions';
import { type FillIn, SlideView, useFittedWidth } from '@gobrel/slide-view';
import { KeyRound, X } from 'lucide-react';
import { Button, showToast } from '../../../shared/ui';
import { PutBack, FeedbackStrip, useOwnWork } from '../../walking';
import { messages, slideName } from '../../../shared/messages';
import type { Editing } from '../state/editing';

interface TrySlideProps {
  readonly editing: Editing;
  readonly slideId: SlideId;
  readonly onEnd: () => void;
}

/** Give it the slide's id as key: each slide is tried from its beginning. */
export function TrySlide({ editing, slideId, onEnd }: TrySlideProps) {
  const { deck, run, tellDone } = editing;
  // The author sees choices as they are written, to know which is which.
  const { edition, work, fillIn, feedback, check, spoken } = useOwnWork(deck, '');
  const keep = () => {
    const changes = keepAsKey(deck, slideId, work);
    if (changes.length === 0) return showToast(messages.questions.nothingToKeep);
    run(changes);
    tellDone(messages.questions.kept);
  };
  return (
    <main className="flex min-w-0 flex-1 flex-col">
      <div className="flex flex-wrap items-center gap-2 border-b border-rule bg-dusk-wash px-3 py-1">
        <p className="min-w-0 flex-1 font-semibold">{messages.questions.trying}</p>
        <PutBack edition={edition} slideId={slideId} fillIn={fillIn} />
        <Button onClick={keep}>
          <KeyRound size={18} aria-hidden /> {messages.questions.keep}
        </Button>
        <Button onClick={onEnd}>
          <X size={18} aria-hidden /> {messages.questions.endTry}
        </Button>
      </div>
      <TriedSlide edition={edition} slideId={slideId} fillIn={fillIn} />
      <FeedbackStrip
        edition={edition}
        slideId={slideId}
        work={work}
        feedback={feedback}
        locked={false}
        checking={false}
        onCheck={check}
      />
      <p aria-live="assertive" className="spoken">
        {spoken}
      </p>
    </main>
  );
}

/** Room kept free around the slide, in CSS pixels. */
const RIM = 40;

type TriedSlideProps = {
  readonly edition: Deck;
  readonly slideId: SlideId;
  readonly fillIn: FillIn;
};

/** The slide, as large as there is room. */
function TriedSlide({ edition, slideId, fillIn }: TriedSlideProps) {
  const [around, fitted] = useFittedWidth<HTMLDivElement>(sizeOf(edition));
  const width = fitted - RIM;
  return (
    <div ref={around} className="flex min-h-0 flex-1 items-center justify-center overflow-hidden">
      {width > 0 ? (
        <div className="border border-ink">
          <SlideView
            deck={edition}
            slideId={slideId}
            width={width}
            label={slideName(edition, slideId)}
            fillIn={fillIn}
          />
        </div>
      ) : null}
    </div>
  );
}
