/** The palette: what can be placed on a slide, in one press. */
import {
  addItem,
  addTable,
  applyChanges,
  type Deck,
  type ItemKindName,
  type LineEnd,
  type LineHead,
  newId,
  type OwnFields,
  plainText,
  type SlideId,
  namesIn,
} from '@gobrel/core/deck';
import {
  BoxSelect,
  CircleHelp,
  Clapperboard,
  Focus,
  Image,
  type LucideIcon,
  PencilLine,
  Puzzle,
  Rows3,
  Scan,
  Shapes,
  Spline,
  Square,
  Sticker,
  Table,
  TextCursorInput,
  Type,
} from 'lucide-react';
import { type ChangeEvent, lazy, Suspense, useRef, useState } from 'react';
import { Dialog } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { beginViewpoint } from '../canvas/draw-viewpoint';
import { select, typeIn, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { currentCell, typeInCell } from '../table/current-cell';
import { PiecesDialog } from '../questions/pieces-dialog';
import { QuestionPicker } from '../questions/question-picker';
import { placeQuestion } from '../questions/starts';
import { signFields, SignPicker } from '../../../shared/signs';
import { LinePicker, type PresetLine } from '../panel/line-picker';
import { ShapePicker } from '../panel/shape-picker';

/** Comes only when it is opened: readers and writers of files are large. */
const ExchangeDialog = lazy(async () => ({
  default: (await import('../questions/exchange-dialog')).ExchangeDialog,
}));

/**
 * Kinds that a press places as they are, besides those that have their own place below: `null` for these, and for what
 * comes by a picker, a file or a gesture.
 */
const besidesThese: { readonly [K in ItemKindName]: LucideIcon | null } = {
  text: null,
  shape: null,
  picture: null,
  line: null,
  table: null,
  sign: null,
  video: Clapperboard,
  hotspot: null,
  viewpoint: null,
  zone: null,
  blank: null,
  choice: null,
  'short-text': null,
  'long-text': null,
  number: null,
  point: null,
  draw: null,
  spoken: null,
  'open-area': null,
};

const kindNames = namesIn(besidesThese);

interface PaletteProps {
  readonly editing: Editing;
  readonly slideId: SlideId;
  readonly onPictures: (files: readonly File[]) => void;
  readonly onGo: (slideId: SlideId) => void;
}

/** A new item's fields: a sensible start, never a form first. */
function startFields(deck: Deck, kind: ItemKindName): Partial<OwnFields<ItemKindName>> {
  const zones = Object.values(deck.items).filter((item) => item.kind === 'zone').length;
  switch (kind) {
    case 'text':
      return { text: plainText('') } as Partial<OwnFields<'text'>>;
    case 'zone':
      return { label: messages.editor.newZone({ place: zones + 1 }) } as Partial<OwnFields<'zone'>>;
    default:
      return {};
  }
}

/** A line for the slide: between the two items that are selected, when there are two. */
function tied(deck: Deck, slideId: SlideId, line: PresetLine): Partial<OwnFields<'line'>> {
  const selected = useDesk
    .getState()
    .selected.filter((id) => deck.items[id]?.slideId === slideId && deck.items[id].kind !== 'line');
  const [from = null, to = null] = selected.length === 2 ? selected : [];
  const end = (at: string | null, head: LineHead, u: number): LineEnd => ({ u, v: 0.5, at, side: null, head });
  return { connectorStyle: line.connectorStyle, from: end(from, line.from, 0), to: end(to, line.to, 1) };
}

export function Palette({ editing, slideId, onPictures, onGo }: PaletteProps) {
  const { deck, run } = editing;
  const file = useRef<HTMLInputElement>(null);
  const [picking, setPicking] = useState<'shape' | 'line' | 'sign' | 'question' | 'pieces' | 'exchange' | null>(null);
  const place = <K extends ItemKindName>(kind: K, fields: Partial<OwnFields<K>> = {}, loose = false) => {
    const id = newId();
    const start = { ...(startFields(deck, kind) as Partial<OwnFields<K>>), ...fields };
    run(addItem(deck, { id, slideId, kind, loose, fields: start }));
    if (kind === 'text' || loose) typeIn(id);
    else select(id);
  };
  /** A table, with its first heading to be typed. */
  const placeTable = () => {
    const id = newId();
    const changes = addTable(deck, id, slideId);
    run(changes);
    const made = applyChanges(deck, changes).items[id];
    if (made?.kind === 'table') typeInCell(editing, made, currentCell(made).field);
  };
  const once = (kind: ItemKindName, icon: LucideIcon) => ({ name: messages.kinds[kind], icon, run: () => place(kind) });
  const entries = [
    once('text', Type),
    { name: messages.kinds.picture, icon: Image, run: () => file.current?.click() },
    { name: messages.editor.rectangle, icon: Square, run: () => place('shape') },
    { name: messages.editor.shapes, icon: Shapes, run: () => setPicking('shape') },
    { name: messages.lines.title, icon: Spline, run: () => setPicking('line') },
    { name: messages.kinds.table, icon: Table, run: placeTable },
    { name: messages.signs.sets.signs, icon: Sticker, run: () => setPicking('sign') },
    ...kindNames.flatMap((kind) => (besidesThese[kind] ? [once(kind, besidesThese[kind])] : [])),
    null,
    { name: messages.questions.add, icon: CircleHelp, run: () => setPicking('question') },
    once('blank', TextCursorInput),
    { name: messages.editor.piece, icon: Puzzle, run: () => place('shape', { text: plainText('') }, true) },
    { name: messages.questions.fromWords, icon: Rows3, run: () => setPicking('pieces') },
    once('zone', BoxSelect),
    once('open-area', PencilLine),
    once('hotspot', Scan),
    { name: messages.kinds.viewpoint, icon: Focus, run: beginViewpoint },
  ];
  const take = (event: ChangeEvent<HTMLInputElement>) => {
    onPictures([...(event.target.files ?? [])]);
    event.target.value = '';
  };
  return (
    <div
      role="toolbar"
      aria-label={messages.editor.palette}
      aria-orientation="vertical"
      className="flex w-[76px] flex-none flex-col overflow-y-auto border-r border-rule py-1"
    >
      {entries.map((entry) =>
        entry === null ? (
          <hr key="rule" className="mx-3 my-1 border-rule" />
        ) : (
          <button
            key={entry.name}
            type="button"
            onClick={entry.run}
            className="flex min-h-[36px] flex-none flex-col items-center justify-center gap-0.5 rounded-md text-xs font-semibold leading-tight hover:bg-rule/50 pointer-coarse:min-h-[44px]"
          >
            <entry.icon size={18} aria-hidden /> {entry.name}
          </button>
        ),
      )}
      {picking === 'shape' ? (
        <Dialog title={messages.editor.shapes} open onClose={() => setPicking(null)}>
          <ShapePicker
            label={messages.editor.shapes}
            value={null}
            onPick={(shape) => {
              setPicking(null);
              place('shape', { shape });
            }}
          />
        </Dialog>
      ) : null}
      {picking === 'line' ? (
        <Dialog title={messages.lines.title} open onClose={() => setPicking(null)}>
          <LinePicker
            onPick={(fields) => {
              setPicking(null);
              place('line', tied(deck, slideId, fields));
            }}
          />
        </Dialog>
      ) : null}
      {picking === 'question' ? (
        <QuestionPicker
          onClose={() => setPicking(null)}
          onExchange={() => setPicking('exchange')}
          onPick={(start) => {
            setPicking(null);
            const { changes, itemId } = placeQuestion(deck, slideId, start);
            run(changes);
            select(itemId);
          }}
        />
      ) : null}
      {picking === 'exchange' ? (
        <Suspense fallback={null}>
          <ExchangeDialog editing={editing} slideId={slideId} onGo={onGo} onClose={() => setPicking(null)} />
        </Suspense>
      ) : null}
      {picking === 'pieces' ? (
        <PiecesDialog editing={editing} slideId={slideId} onClose={() => setPicking(null)} />
      ) : null}
      {picking === 'sign' ? (
        <Dialog title={messages.signs.title} open onClose={() => setPicking(null)}>
          <SignPicker
            onPick={(sign) => {
              setPicking(null);
              place('sign', signFields(sign));
            }}
          />
        </Dialog>
      ) : null}
      <input
        ref={file}
        type="file"
        accept="image/*"
        multiple
        hidden
        aria-label={messages.kinds.picture}
        onChange={take}
      />
    </div>
  );
}
