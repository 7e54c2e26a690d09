/** Voice-over: what is told to each slide, one take a slide, recorded while walking through the deck. */
import { LONGEST_VOICE, momentInWords, newId, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { SlideView } from '@gobrel/slide-view';
import { ArrowLeft, ArrowRight, Circle, Mic, Square, Trash2 } from 'lucide-react';
import { useRef, useState } from 'react';
import { fileUrl } from '../../../shared/api';
import { messages, slideName } from '../../../shared/messages';
import { Button, Dialog, IconButton } from '../../../shared/ui';
import type { Editing } from '../state/editing';
import { beginUpload, useUploads } from './uploads';
import { type Take, useMediaRecorder } from './use-media-recorder';

interface VoiceDialogProps {
  readonly editing: Editing;
  readonly deckId: string;
  /** The slide it begins at. */
  readonly slideId: SlideId;
  readonly onClose: () => void;
}

const WIDTH = 480;

export function VoiceDialog({ editing, deckId, slideId: first, onClose }: VoiceDialogProps) {
  const says = messages.voice;
  const { deck, run } = editing;
  const order = slidesInOrder(deck);
  const [slideId, setSlideId] = useState(first);
  const [failed, setFailed] = useState(false);
  /** The slide that the present take is for, and whether the next slide's take begins when it ends. */
  const taking = useRef({ slideId: first, thenNext: false });
  const place = order.findIndex(({ id }) => id === slideId);
  const slide = order[place];
  const underWay = useUploads(({ uploads }) => uploads);
  const waiting = underWay.find(({ kept }) => kept.goal.to === 'voice' && kept.goal.id === slideId);

  const keep = ({ file, seconds, ending }: Take) => {
    const id = taking.current.slideId;
    void beginUpload({
      id: newId(),
      deckId,
      goal: { to: 'voice', id },
      file,
      name: `${says.title} ${slideName(deck, id)}.${ending}`,
      seconds,
      begun: null,
    });
    if (!taking.current.thenNext) return;
    const next = order[order.findIndex((each) => each.id === id) + 1];
    if (next) {
      setSlideId(next.id);
      begin(next.id);
    }
  };
  const { seconds, isEnding, start, stop } = useMediaRecorder({
    source: 'microphone',
    longest: LONGEST_VOICE,
    onTake: keep,
    onFailed: () => setFailed(true),
  });
  const begin = (id: SlideId) => {
    taking.current = { slideId: id, thenNext: false };
    setFailed(false);
    void start();
  };
  const go = (by: number) => {
    const next = order[place + by];
    if (next) setSlideId(next.id);
  };
  const isRecording = seconds !== null;
  if (!slide) return null;
  const voice = slide.voice;
  return (
    <Dialog title={says.title} open wide="widest" onClose={onClose}>
      <div className="grid gap-6 md:grid-cols-[auto_minmax(0,1fr)]">
        <div className="max-w-full overflow-hidden">
          <div className="rounded-md border border-rule">
            <SlideView deck={deck} slideId={slideId} width={WIDTH} label={slideName(deck, slideId)} />
          </div>
          <div className="mt-2 flex items-center gap-2">
            <IconButton name={says.previous} disabled={isRecording || place <= 0} onClick={() => go(-1)}>
              <ArrowLeft size={18} aria-hidden />
            </IconButton>
            <span className="min-w-0 flex-1 truncate text-center font-semibold">
              {says.place({ at: place + 1, of: order.length, name: slideName(deck, slideId) })}
            </span>
            <IconButton name={says.next} disabled={isRecording || place >= order.length - 1} onClick={() => go(1)}>
              <ArrowRight size={18} aria-hidden />
            </IconButton>
          </div>
        </div>
        <div className="flex min-w-0 flex-col gap-3">
          <p role="status" className="tabular-nums">
            {isRecording
              ? messages.media.recording({ time: momentInWords(seconds, false) })
              : waiting
                ? says.underWay
                : voice
                  ? says.told({ time: momentInWords(voice.seconds, false) })
                  : says.nothing}
          </p>
          {failed ? (
            <p role="alert" className="text-berry">
              {messages.media.noSource.microphone}
            </p>
          ) : null}
          <div className="flex flex-wrap gap-2">
            {isRecording ? (
              <>
                <Button look="main" disabled={isEnding} onClick={stop}>
                  <Square size={16} aria-hidden className="fill-current" /> {messages.media.stop}
                </Button>
                {place < order.length - 1 ? (
                  <Button
                    disabled={isEnding}
                    onClick={() => {
                      taking.current.thenNext = true;
                      stop();
                    }}
                  >
                    <ArrowRight size={18} aria-hidden /> {says.goOn}
                  </Button>
                ) : null}
              </>
            ) : (
              <Button look="main" onClick={() => begin(slideId)}>
                <Circle size={16} aria-hidden className="fill-current" /> {voice ? says.redo : messages.media.record}
              </Button>
            )}
            {voice && !isRecording ? (
              <Button look="quiet" onClick={() => run([{ type: 'set-slide', id: slideId, fields: { voice: null } }])}>
                <Trash2 size={18} aria-hidden /> {messages.order.remove}
              </Button>
            ) : null}
          </div>
          {voice && !isRecording ? (
            // What is told is the speaker's notes, which stand beside it.
            <audio key={voice.file} controls src={fileUrl(voice.file)} aria-label={says.take} className="w-full" />
          ) : null}
          <section aria-label={messages.editor.notes}>
            <h3 className="mb-1 font-sans text-sm font-semibold text-soft">{messages.editor.notes}</h3>
            <p className="max-h-40 overflow-y-auto whitespace-pre-line text-lg leading-relaxed">
              {slide.notes === '' ? <span className="text-soft">{says.noNotes}</span> : slide.notes}
            </p>
          </section>
          <ol aria-label={says.takes} className="max-h-44 overflow-y-auto rounded-md border border-rule">
            {order.map(({ id, voice: take }, index) => (
              <li key={id}>
                <button
                  type="button"
                  aria-current={id === slideId}
                  disabled={isRecording}
                  onClick={() => setSlideId(id)}
                  className="flex min-h-control w-full items-center gap-2 px-2 text-start hover:bg-rule/50 aria-[current=true]:bg-dusk/10 aria-[current=true]:font-semibold"
                >
                  <span className="w-6 text-end text-soft tabular-nums">{index + 1}</span>
                  <span className="min-w-0 flex-1 truncate">{slideName(deck, id)}</span>
                  {take ? (
                    <span className="flex items-center gap-1 text-sm text-reed tabular-nums">
                      <Mic size={14} aria-hidden /> {momentInWords(take.seconds, false)}
                    </span>
                  ) : null}
                </button>
              </li>
            ))}
          </ol>
        </div>
      </div>
    </Dialog>
  );
}
