/** Puts a question that was not planned in front of the class: what is asked, and one press on how it is answered. */
import type { LessonView } from '@gobrel/contract';
import type { Deck, ItemKindName, OwnFields, SlideId } from '@gobrel/core/deck';
import { leadTo } from '@gobrel/core/lesson';
import { ages, slideTemplate } from '@gobrel/core/templates';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { AlignLeft, AudioLines, CircleDot, Hash, PencilLine, SlidersHorizontal, ThumbsUp, Type } from 'lucide-react';
import { useState } from 'react';
import type { LiveLesson } from '../../../shared/sync';
import { ask, editionQuery, lessonQuery, messageOf } from '../../../shared/api';
import { Button, Dialog, Field, LongField, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

interface PutInProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  /** The slide it comes after. */
  readonly after: SlideId | null;
  readonly change: LiveLesson['change'];
  readonly onClose: () => void;
}

/** How such a question is answered, with its sign. */
const ways = [
  ['short-text', Type],
  ['long-text', AlignLeft],
  ['choice', CircleDot],
  ['yes-no', ThumbsUp],
  ['scale', SlidersHorizontal],
  ['number', Hash],
  ['draw', PencilLine],
  ['spoken', AudioLines],
] as const;

type Way = (typeof ways)[number][0];

export function PutInDialog({ lesson, edition, after, change, onClose }: PutInProps) {
  const queries = useQueryClient();
  const [prompt, setPrompt] = useState('');
  const [choices, setChoices] = useState('');
  const put = useMutation({
    mutationFn: async (way: Way) => {
      const slide = slideFor(way, prompt.trim(), choices);
      const next = await ask<LessonView>('POST', `/lessons/${lesson.id}/slides`, { after, slide });
      const corrected = await queries.fetchQuery(editionQuery(lesson.id, next.edition));
      return { next, corrected };
    },
    onSuccess: ({ next, corrected }) => {
      queries.setQueryData(lessonQuery(lesson.id).queryKey, next);
      const slideId = Object.keys(corrected.slides).find((id) => !edition.slides[id]);
      if (slideId !== undefined) change((now) => leadTo(corrected, now, slideId));
      showToast(messages.leading.isPutIn);
      onClose();
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  return (
    <Dialog title={messages.leading.putInTitle} open onClose={onClose}>
      <p className="mb-3 text-soft">{messages.leading.putInHint}</p>
      <Field
        label={messages.leading.prompt}
        value={prompt}
        autoFocus
        maxLength={300}
        onChange={(event) => setPrompt(event.target.value)}
      />
      <details className="my-2">
        <summary className="min-h-11 py-2 font-semibold">{messages.leading.choices}</summary>
        <LongField
          label={messages.leading.choices}
          rows={4}
          value={choices}
          onChange={(event) => setChoices(event.target.value)}
        />
      </details>
      <div className="grid grid-cols-2 gap-2">
        {ways.map(([way, Icon]) => (
          <Button key={way} className="justify-start" disabled={put.isPending} onClick={() => put.mutate(way)}>
            <Icon size={18} aria-hidden /> {messages.questions.starts[way].name}
          </Button>
        ))}
      </div>
    </Dialog>
  );
}

/** A slide that asks it. */
function slideFor(way: Way, prompt: string, choices: string): Deck {
  const title = prompt || messages.questions.starts[way].name;
  const { kind, fields } = askFor(way, title, choices);
  return slideTemplate({
    id: 'asked',
    name: title,
    moment: 'finding-out',
    does: 'write',
    theme: '',
    title: '',
    text: '',
    scene: null,
    subject: null,
    ages,
    chart: null,
    ask: { kind, fields },
  }).deck;
}

interface Ask {
  readonly kind: ItemKindName;
  readonly fields: Partial<OwnFields<ItemKindName>>;
}

function askFor(way: Way, prompt: string, choices: string): Ask {
  const of = <K extends ItemKindName>(kind: K, fields: Partial<OwnFields<K>>): Ask => ({ kind, fields });
  if (way === 'yes-no' || way === 'scale') {
    const texts = messages.questions.forms[way];
    return of('choice', { form: way, prompt, choices: texts.map((text, at) => ({ id: `${way}-${at + 1}`, text })) });
  }
  if (way !== 'choice') return of(way, { prompt });
  const lines = choices.split('\n').flatMap((line) => (line.trim() === '' ? [] : [line.trim()]));
  const texts =
    lines.length > 1 ? lines : ['A', 'B', 'C', 'D'].map((letter) => messages.questions.newChoice({ letter }));
  return of('choice', { prompt, choices: texts.map((text, at) => ({ id: `choice-${at + 1}`, text })), right: [] });
}
