/** The papers of a picture, a video or a sound: typed, pasted at once, or one's own; shown under it with a press. */
import {
  addItem,
  addSlideFrom,
  applyChanges,
  centredFrame,
  type Change,
  type Credit,
  creditLine,
  creditText,
  gatheredText,
  type Deck,
  isComplete,
  isLicenceName,
  itemsOf,
  licenceNames,
  licences,
  newId,
  NO_CREDIT,
  PLAIN_LOOK,
  plainText,
  type PictureItem,
  readCreditLine,
  setItemFields,
  slidesInOrder,
  type SoundItem,
  type VideoItem,
} from '@gobrel/core/deck';
import { useQuery } from '@tanstack/react-query';
import { ListPlus, MessageSquareText } from 'lucide-react';
import { useState } from 'react';
import { sessionQuery } from '../../../shared/api';
import { creditWords, messages } from '../../../shared/messages';
import { Button, Field } from '../../../shared/ui';
import { FoldedGroup, PickField } from '../panel/parts';
import { select } from '../state/desk';
import type { Editing } from '../state/editing';

interface CreditGroupProps {
  readonly editing: Editing;
  readonly item: PictureItem | VideoItem | SoundItem;
}

export function CreditGroup({ editing, item }: CreditGroupProps) {
  const says = messages.credits;
  const { deck, run } = editing;
  const teacher = useQuery(sessionQuery).data?.teacher;
  const credit = item.credit ?? NO_CREDIT;
  const [pasted, setPasted] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const set = (next: Credit | null) => run(setItemFields(deck, item.id, { credit: next }));
  const change = (fields: Partial<Credit>) => set({ ...credit, ...fields });
  const paste = (line: string) => {
    setPasted(line);
    if (line.trim() === '') return setFault(null);
    const read = readCreditLine(line);
    setFault(read ? null : says.notRead);
    if (!read) return;
    set(read);
    setPasted('');
  };
  const licence = credit.licence === null ? null : licences[credit.licence];
  const summary = item.credit === null ? says.none : isComplete(item.credit) ? says.complete : says.partly;
  return (
    <FoldedGroup id="credit" title={says.title} says={isComplete(item.credit) ? says.complete : ''}>
      <p role="status" className="mb-1.5 text-sm text-soft">
        {isComplete(item.credit) ? creditLine(credit, creditWords) : summary}
      </p>
      {item.credit === null && teacher ? (
        <Button className="mb-2 w-full" onClick={() => set({ ...NO_CREDIT, author: teacher.name, licence: 'own' })}>
          {says.mine}
        </Button>
      ) : null}
      <div className="flex flex-col gap-2">
        <Field
          label={says.pasteLabel}
          hint={says.pasteHint}
          value={pasted}
          fault={fault ?? undefined}
          onChange={({ target }) => paste(target.value)}
        />
        <Field
          label={says.name}
          value={credit.title}
          maxLength={200}
          onChange={({ target }) => change({ title: target.value })}
        />
        <Field
          label={says.author}
          value={credit.author}
          maxLength={200}
          onChange={({ target }) => change({ author: target.value })}
        />
        <Field
          label={says.source}
          hint={says.sourceHint}
          value={credit.source}
          maxLength={500}
          onChange={({ target }) => change({ source: target.value })}
        />
        <PickField
          label={says.licence}
          value={credit.licence ?? ''}
          onChange={(name) => change({ licence: isLicenceName(name) ? name : null })}
        >
          <option value="">{says.unknown}</option>
          {licenceNames.map((name) => (
            <option key={name} value={name}>
              {name === 'own' || name === 'allowed' ? says[name] : licences[name].name}
            </option>
          ))}
        </PickField>
        {licence ? (
          <p className="text-sm text-soft">
            {says.may({ change: licence.change ? 'yes' : 'no', sell: licence.sell ? 'yes' : 'no' })}
          </p>
        ) : null}
        {item.credit ? (
          <div className="flex flex-wrap gap-1.5">
            <Button onClick={() => run(captionUnder(deck, item, credit))}>
              <MessageSquareText size={16} aria-hidden /> {says.show}
            </Button>
            <Button onClick={() => addCreditsSlide(editing)}>
              <ListPlus size={16} aria-hidden /> {says.gather}
            </Button>
            <Button look="quiet" onClick={() => set(null)}>
              {says.remove}
            </Button>
          </div>
        ) : null}
      </div>
    </FoldedGroup>
  );
}

/** Height of a caption, in slide units, and the room above it. */
const [HEIGHT, ROOM] = [34, 6];

/** A caption with the credit line right under what it is for, in the theme's style. */
function captionUnder(deck: Deck, { slideId, frame }: CreditGroupProps['item'], credit: Credit): Change[] {
  return addItem(deck, {
    id: newId(),
    slideId,
    kind: 'text',
    frame: {
      x: frame.x,
      y: frame.y + frame.height + ROOM,
      width: Math.max(160, frame.width),
      height: HEIGHT,
      rotation: 0,
    },
    fields: {
      text: creditText([credit], creditWords),
      look: { ...PLAIN_LOOK, style: 'caption', fit: 'shrink' },
    },
  });
}

/** A slide at the end that lists the credits of the deck, and keeps itself true; the one that is there already is shown. */
function addCreditsSlide({ deck, run }: Editing): void {
  const there = Object.values(deck.items).find((item) => item.kind === 'text' && item.gathers === 'credits');
  if (there) return select(there.id);
  const last = slidesInOrder(deck).at(-1);
  const [slideId, textId] = [newId(), newId()];
  const made = addSlideFrom(deck, 'title-and-text', {
    id: slideId,
    name: messages.credits.gathered,
    ...(last ? { after: last.id } : {}),
  });
  const withSlide = applyChanges(deck, made);
  const body = itemsOf(withSlide, slideId).find(({ role }) => role === 'body');
  const text = addItem(withSlide, {
    id: textId,
    slideId,
    kind: 'text',
    frame: body?.frame ?? centredFrame(deck, { width: 1000, height: 480 }),
    fields: {
      gathers: 'credits',
      text: gatheredText(deck, creditWords),
      look: { ...PLAIN_LOOK, style: 'caption', fit: 'shrink' },
    },
  });
  const title = itemsOf(withSlide, slideId).find(({ role }) => role === 'title');
  run([
    ...made,
    ...(body ? [{ type: 'remove-item' as const, id: body.id }] : []),
    ...(title ? setItemFields(withSlide, title.id, { text: plainText(messages.credits.gathered) }) : []),
    ...text,
  ]);
}
