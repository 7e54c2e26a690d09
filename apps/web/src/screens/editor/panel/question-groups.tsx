/** Settings of what students fill in: zones, blanks, questions, open areas, and where a piece belongs. */
import {
  type BlankItem,
  type ChoiceItem,
  type Item,
  type ItemFields,
  itemsOf,
  nameOf,
  newId,
  type OpenAreaItem,
  setBelongs,
  setItemFields,
  type ShortTextItem,
  type ZoneItem,
} from '@gobrel/core/deck';
import { choiceLetter } from '@gobrel/core/questions';
import { Plus, X } from 'lucide-react';
import { Button, Choose, Field, IconButton, LongField } from '../../../ui';
import { words } from '../../../words';
import type { Editing } from '../editing';
import { Group, NumberField } from './parts';

/** The settings for an item's kind; nothing for kinds that ask nothing. */
export function QuestionGroups({ editing, item }: { editing: Editing; item: Item }) {
  const set = (fields: ItemFields) => editing.run(setItemFields(editing.deck, item.id, fields));
  switch (item.kind) {
    case 'zone':
      return <ZoneGroup editing={editing} zone={item} set={set} />;
    case 'blank':
    case 'short-text':
      return <WordsGroup item={item} set={set} />;
    case 'choice':
      return <ChoiceGroup item={item} set={set} />;
    case 'open-area':
      return <OpenAreaGroup item={item} set={set} />;
    default:
      return null;
  }
}

type Set = (fields: ItemFields) => void;

/** Which zone a piece belongs into. */
export function PieceGroup({ editing, item }: { editing: Editing; item: Item }) {
  const zones = itemsOf(editing.deck, item.slideId).filter((other): other is ZoneItem => other.kind === 'zone');
  const home = zones.find((zone) => zone.belongs.includes(item.id))?.id ?? '';
  if (zones.length === 0) return <p className="mb-4 text-sm text-soft">{words.editor.noZones}</p>;
  return (
    <Group title={words.editor.belongsInto}>
      <select
        aria-label={words.editor.belongsInto}
        className="min-h-11 w-full rounded-md border border-edge bg-card px-2"
        value={home}
        onChange={(event) => editing.run(setBelongs(editing.deck, item.id, event.target.value || null))}
      >
        <option value="">{words.editor.belongsNowhere}</option>
        {zones.map((zone, index) => (
          <option key={zone.id} value={zone.id}>
            {nameOf(zone) || words.onSlides.unnamedZone(index + 1)}
          </option>
        ))}
      </select>
    </Group>
  );
}

function ZoneGroup({ editing, zone, set }: { editing: Editing; zone: ZoneItem; set: Set }) {
  const pieces = itemsOf(editing.deck, zone.slideId).filter((item) => item.loose);
  return (
    <>
      <div className="mb-4">
        <Field label={words.editor.label} value={zone.label} onChange={(event) => set({ label: event.target.value })} />
      </div>
      <Group title={words.editor.belongHere}>
        {pieces.length === 0 ? <p className="text-sm text-soft">{words.editor.noPieces}</p> : null}
        {pieces.map((piece) => (
          <label key={piece.id} className="flex min-h-10 items-center gap-2">
            <input
              type="checkbox"
              className="size-5 accent-tide"
              checked={zone.belongs.includes(piece.id)}
              onChange={(event) =>
                editing.run(setBelongs(editing.deck, piece.id, event.target.checked ? zone.id : null))
              }
            />
            {nameOf(piece) || words.onSlides.unnamedPiece}
          </label>
        ))}
      </Group>
    </>
  );
}

function WordsGroup({ item, set }: { item: BlankItem | ShortTextItem; set: Set }) {
  return (
    <>
      {item.kind === 'short-text' ? (
        <div className="mb-4">
          <LongField
            label={words.editor.prompt}
            rows={2}
            value={item.prompt}
            onChange={(event) => set({ prompt: event.target.value })}
          />
        </div>
      ) : (
        <div className="mb-4">
          <Field
            label={words.editor.blankName}
            value={item.name}
            onChange={(event) => set({ name: event.target.value })}
          />
        </div>
      )}
      <div className="mb-4">
        <LongField
          label={words.editor.accepted}
          hint={words.editor.acceptedHint}
          rows={2}
          value={item.accepted.join('\n')}
          onChange={(event) => set({ accepted: event.target.value === '' ? [] : event.target.value.split('\n') })}
        />
      </div>
      <NumberField
        label={words.editor.points}
        value={item.points}
        least={0}
        most={100}
        onChange={(points) => set({ points })}
      />
    </>
  );
}

function ChoiceGroup({ item, set }: { item: ChoiceItem; set: Set }) {
  const setText = (id: string, text: string) =>
    set({ choices: item.choices.map((choice) => (choice.id === id ? { ...choice, text } : choice)) });
  const setRight = (id: string, isRight: boolean) => {
    const others = item.right.filter((other) => other !== id);
    set({ right: item.several ? (isRight ? [...others, id] : others) : isRight ? [id] : [] });
  };
  return (
    <>
      <div className="mb-3">
        <LongField
          label={words.editor.prompt}
          rows={2}
          value={item.prompt}
          onChange={(event) => set({ prompt: event.target.value })}
        />
      </div>
      <fieldset className="mb-3">
        <legend className="mb-1 text-sm font-semibold text-soft">{words.editor.choices}</legend>
        {item.choices.map((choice, index) => {
          const letter = choiceLetter(index);
          return (
            <div key={choice.id} className="mb-1 flex items-center gap-1">
              <input
                type="checkbox"
                className="size-5 flex-none accent-reed"
                aria-label={words.editor.isRight(letter)}
                title={words.editor.isRight(letter)}
                checked={item.right.includes(choice.id)}
                onChange={(event) => setRight(choice.id, event.target.checked)}
              />
              <strong className="w-5 text-center">{letter}</strong>
              <input
                aria-label={words.editor.choiceText(letter)}
                value={choice.text}
                onChange={(event) => setText(choice.id, event.target.value)}
                className="min-h-10 w-full min-w-0 rounded-md border border-edge bg-card px-2"
              />
              <IconButton
                name={words.editor.removeChoice(letter)}
                disabled={item.choices.length <= 2}
                onClick={() =>
                  set({
                    choices: item.choices.filter((other) => other.id !== choice.id),
                    right: item.right.filter((id) => id !== choice.id),
                  })
                }
              >
                <X size={16} aria-hidden />
              </IconButton>
            </div>
          );
        })}
        <Button
          look="quiet"
          disabled={item.choices.length >= 12}
          onClick={() => set({ choices: [...item.choices, { id: newId(), text: '' }] })}
        >
          <Plus size={16} aria-hidden /> {words.editor.addChoice}
        </Button>
      </fieldset>
      <Group title={words.editor.howMany}>
        <Choose
          label={words.editor.howMany}
          value={item.several ? 'several' : 'one'}
          options={[
            { value: 'one', name: words.editor.one },
            { value: 'several', name: words.editor.severalChoices },
          ]}
          onChange={(choice) =>
            set({ several: choice === 'several', right: choice === 'several' ? item.right : item.right.slice(0, 1) })
          }
        />
      </Group>
      <NumberField
        label={words.editor.points}
        value={item.points}
        least={0}
        most={100}
        onChange={(points) => set({ points })}
      />
    </>
  );
}

function OpenAreaGroup({ item, set }: { item: OpenAreaItem; set: Set }) {
  return (
    <div className="mb-4">
      <Field label={words.editor.hint} value={item.hint} onChange={(event) => set({ hint: event.target.value })} />
    </div>
  );
}
