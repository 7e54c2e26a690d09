/** How slides are played: how they come, how long they stay, when the whole is seen; and the same for the deck. */
import {
  type Deck,
  momentInWords,
  overviews,
  type Playing,
  type Slide,
  transitionNames,
  type TransitionName,
  viewpointsOn,
} from '@gobrel/core/deck';
import { readingTime } from '@gobrel/core/show';
import { ChevronRight } from 'lucide-react';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { LanguageField } from './language-field';
import { Group, NumberField, PickField } from './parts';

interface PlayingGroupProps {
  readonly editing: Editing;
  readonly slide: Slide;
  /** Sets fields on all chosen slides. */
  readonly onSet: (fields: Partial<Omit<Slide, 'id'>>) => void;
}

export function PlayingGroup({ editing: { deck, run }, slide, onSet }: PlayingGroupProps) {
  const { playing } = deck;
  const setDeck = (fields: Partial<Playing>) =>
    run([{ type: 'set-deck', fields: { playing: { ...playing, ...fields } } }]);
  return (
    <Group title={messages.editor.playing}>
      <PickField
        label={messages.editor.transition}
        shown={messages.editor.comes}
        value={slide.transition ?? ''}
        onChange={(name) => onSet({ transition: transitionNamed(name) })}
      >
        <option value="">
          {messages.editor.transitionOfDeck({ name: messages.editor.transitions[playing.transition] })}
        </option>
        <Transitions />
      </PickField>
      <Stays deck={deck} slide={slide} onSet={onSet} />
      {slide.voice ? (
        <p className="mb-1 text-sm text-soft tabular-nums">
          {messages.voice.here({ time: momentInWords(slide.voice.seconds, false) })}
        </p>
      ) : null}
      {viewpointsOn(deck, slide.id).length > 0 ? (
        <PickField
          label={messages.editor.overview}
          shown={messages.editor.wholeSeen}
          value={slide.overview}
          onChange={(value) => onSet({ overview: overviews.find((each) => each === value) ?? slide.overview })}
        >
          {overviews.map((each) => (
            <option key={each} value={each}>
              {messages.editor.overviews[each]}
            </option>
          ))}
        </PickField>
      ) : null}
      <details className="group">
        <summary className="flex min-h-control cursor-pointer items-center gap-1 text-sm font-semibold">
          <ChevronRight
            size={16}
            aria-hidden
            className="transition-transform group-open:rotate-90 rtl:group-open:-rotate-90"
          />
          {messages.editor.deckPlaying}
        </summary>
        <PickField
          label={`${messages.editor.deckPlaying}: ${messages.editor.transition}`}
          shown={messages.editor.comes}
          value={playing.transition}
          onChange={(name) => setDeck({ transition: transitionNamed(name) ?? 'cut' })}
        >
          <Transitions />
        </PickField>
        <LanguageField
          label={`${messages.editor.deckPlaying}: ${messages.editor.language}`}
          value={deck.language}
          none={messages.editor.noLanguage}
          onChange={(language) => run([{ type: 'set-deck', fields: { language } }])}
        />
        {(['byItself', 'overAndOver'] as const).map((name) => (
          <label key={name} className="flex min-h-control items-center gap-2">
            <input
              type="checkbox"
              className="size-5 flex-none accent-tide"
              checked={playing[name]}
              onChange={(event) => setDeck({ [name]: event.target.checked })}
            />
            {messages.editor[name]}
          </label>
        ))}
      </details>
    </Group>
  );
}

function Stays({ deck, slide, onSet }: { deck: Deck } & Omit<PlayingGroupProps, 'editing'>) {
  const computed = Math.round(readingTime(deck, slide.id) / 1000);
  return (
    <div className="mb-1">
      <PickField
        label={messages.editor.stays}
        shown={messages.editor.staysShort}
        value={slide.stays === null ? 'computed' : 'fixed'}
        onChange={(value) => onSet({ stays: value === 'fixed' ? computed : null })}
      >
        <option value="computed">{messages.editor.staysFor({ seconds: computed })}</option>
        <option value="fixed">{messages.editor.staysFixed}</option>
      </PickField>
      {slide.stays === null ? null : (
        <NumberField
          label={messages.editor.seconds}
          value={slide.stays}
          least={1}
          most={3600}
          onChange={(stays) => onSet({ stays: Math.max(1, stays) })}
        />
      )}
    </div>
  );
}

function Transitions() {
  return (
    <>
      {transitionNames.map((name) => (
        <option key={name} value={name}>
          {messages.editor.transitions[name]}
        </option>
      ))}
    </>
  );
}

function transitionNamed(value: string): TransitionName | null {
  return transitionNames.find((each) => each === value) ?? null;
}
