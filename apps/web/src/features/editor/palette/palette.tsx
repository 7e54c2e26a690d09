/** The palette: what can be placed on a slide, in one press. */
import type { LibraryPicture } from '@gobrel/contract';
import {
  addItem,
  addTable,
  applyChanges,
  addChart,
  addFormula,
  addWebCard,
  type ChartForm,
  type Deck,
  type FormulaDrawing,
  type ItemId,
  type ItemKindName,
  type LineEnd,
  type LineHead,
  newId,
  type OwnFields,
  plainText,
  type SlideId,
  tableOfSize,
  namesIn,
} from '@gobrel/core/deck';
import {
  CircleHelp,
  Clapperboard,
  Image,
  type LucideIcon,
  PencilLine,
  PenLine,
  Radical,
  Rows3,
  Shapes,
  Spline,
  Square,
  Sticker,
  Table,
  TextCursorInput,
  Type,
  Workflow,
} from 'lucide-react';
import {
  type ChangeEvent,
  type ComponentProps,
  Fragment,
  lazy,
  type ReactNode,
  Suspense,
  useRef,
  useState,
} from 'react';
import { HotspotIcon, PieceIcon, ViewpointIcon, ZoneIcon } from '../../../shared/drawings';
import { Button, Popover, useOneStop } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { beginViewpoint } from '../canvas/draw-viewpoint';
import { select, typeIn, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { currentCell, typeInCell } from '../table/current-cell';
import { ChartPicker } from '../charts/chart-picker';
import { DiagramDialog } from '../diagrams/diagram-dialog';
import { FormulaDialog } from '../formulas/formula-dialog';
import { beginInk, focusInk, useInking } from '../ink/inking';
import { MediaPicker } from '../media/media-picker';
import { RecordDialog } from '../media/record-dialog';
import type { PlaceMedia } from '../media/use-media-files';
import type { Source } from '../media/use-media-recorder';
import { PictureShelf } from '../pictures/picture-shelf';
import { PiecesDialog } from '../questions/pieces-dialog';
import { QuestionPicker } from '../questions/question-picker';
import { placeQuestion } from '../questions/starts';
import { signFields, SignPicker } from '../../../shared/signs';
import { LinePicker, type PresetLine } from '../panel/line-picker';
import { ShapePicker } from '../panel/shape-picker';
import { TablePicker } from './table-picker';

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
  video: null,
  sound: null,
  chart: null,
  ink: null,
  'web-card': null,
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
  /** Places pictures, videos and sounds. */
  readonly onFiles: (files: readonly File[]) => void;
  readonly onMedia: PlaceMedia;
  readonly onLibraryPicture: (picture: LibraryPicture) => void;
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

/** What has to be chosen before something is placed. */
type Choosing =
  | 'picture'
  | 'shape'
  | 'line'
  | 'table'
  | 'sign'
  | 'media'
  | 'diagram'
  | 'formula'
  | 'question'
  | 'pieces'
  | 'exchange';

/** A button of the palette. */
interface Entry {
  readonly name: string;
  readonly icon: LucideIcon;
  readonly run: () => void;
  readonly choosing?: Choosing;
}

/** Passes on what a popover gives its trigger, which opens it by itself. */
function PaletteButton({ entry, ...trigger }: { entry: Entry } & ComponentProps<'button'>) {
  return (
    <button
      type="button"
      data-stop-name={entry.name}
      onClick={entry.run}
      {...trigger}
      className="flex min-h-[36px] flex-none flex-col items-center justify-center gap-0.5 rounded-md text-xs font-semibold leading-tight hover:bg-rule/50 data-[state=open]:bg-rule/50 pointer-coarse:min-h-[44px]"
    >
      <entry.icon size={18} aria-hidden /> {entry.name}
    </button>
  );
}

export function Palette({ editing, slideId, onFiles, onMedia, onLibraryPicture, onGo }: PaletteProps) {
  const { deck, run } = editing;
  const file = useRef<HTMLInputElement>(null);
  const [picking, setPicking] = useState<Choosing | null>(null);
  const [recording, setRecording] = useState<Source | null>(null);
  /** What was placed last, while the focus has not left the palette since: arrows move it. */
  const placed = useRef<ItemId | null>(null);
  const stops = useOneStop(messages.kinds.text, () => {
    const { selected } = useDesk.getState();
    return selected.length === 1 && selected[0] === placed.current;
  });
  const place = <K extends ItemKindName>(kind: K, fields: Partial<OwnFields<K>> = {}, loose = false) => {
    const id = newId();
    const start = { ...(startFields(deck, kind) as Partial<OwnFields<K>>), ...fields };
    run(addItem(deck, { id, slideId, kind, loose, fields: start }));
    if (kind === 'text' || loose) typeIn(id);
    else selectPlaced(id);
  };
  const selectPlaced = (id: ItemId) => {
    select(id);
    placed.current = id;
  };
  /** A table, with its first heading to be typed. */
  const placeTable = (rows: number, columns: number) => {
    const id = newId();
    const changes = addTable(deck, id, slideId, tableOfSize(rows, columns));
    run(changes);
    const made = applyChanges(deck, changes).items[id];
    if (made?.kind === 'table') typeInCell(editing, made, currentCell(made).field);
  };
  const placeFormula = (source: string, drawing: FormulaDrawing) => {
    const placed = addFormula(deck, slideId, source, drawing);
    run(placed.changes);
    selectPlaced(placed.made);
  };
  const placeChart = (form: ChartForm) => {
    const { head, figure, first, second, third } = messages.charts.example;
    const example = [
      [head, figure],
      [first, '12'],
      [second, '30'],
      [third, '4'],
    ];
    const placed = addChart(deck, slideId, form, { meant: useDesk.getState().selected[0] ?? null, example });
    run(placed.changes);
    selectPlaced(placed.chartId);
  };
  const placeWebCard = () => {
    const id = newId();
    run(addWebCard(deck, id, slideId, ''));
    selectPlaced(id);
  };
  const once = (kind: ItemKindName, icon: LucideIcon): Entry => ({
    name: messages.kinds[kind],
    icon,
    run: () => place(kind),
  });
  /** What opens something to choose from, and places nothing before. */
  const choosing = (what: Choosing, name: string, icon: LucideIcon): Entry => ({
    name,
    icon,
    run: () => setPicking(what),
    choosing: what,
  });
  /** What is on a slide to be seen, what is asked, what is moved, and what is not seen. */
  const groups: readonly (readonly Entry[])[] = [
    [
      once('text', Type),
      choosing('picture', messages.kinds.picture, Image),
      { name: messages.editor.rectangle, icon: Square, run: () => place('shape') },
      choosing('shape', messages.editor.shapes, Shapes),
      choosing('line', messages.lines.title, Spline),
      choosing('table', messages.kinds.table, Table),
      choosing('sign', messages.signs.sets.signs, Sticker),
      choosing('media', messages.media.title, Clapperboard),
      ...kindNames.flatMap((kind) => (besidesThese[kind] ? [once(kind, besidesThese[kind])] : [])),
    ],
    [
      choosing('question', messages.questions.add, CircleHelp),
      once('blank', TextCursorInput),
      once('open-area', PencilLine),
    ],
    [
      { name: messages.editor.piece, icon: PieceIcon, run: () => place('shape', { text: plainText('') }, true) },
      choosing('pieces', messages.questions.fromWords, Rows3),
      once('zone', ZoneIcon),
    ],
    [once('hotspot', HotspotIcon), { name: messages.kinds.viewpoint, icon: ViewpointIcon, run: beginViewpoint }],
  ];
  const picked = (act: () => void) => {
    setPicking(null);
    act();
  };
  /** What is chosen from beside a button; `null` for what has a dialog of its own. */
  const besides = (what: Choosing | undefined): ReactNode => {
    switch (what) {
      case 'picture':
        return (
          <PictureShelf
            onFile={() => file.current?.click()}
            onPick={(picture) => picked(() => onLibraryPicture(picture))}
          />
        );
      case 'shape':
        return (
          <div>
            <ShapePicker
              label={messages.editor.shapes}
              value={null}
              onPick={(shape) => picked(() => place('shape', { shape }))}
            />
            <Button look="quiet" className="mt-1 w-full !justify-start" onClick={() => setPicking('diagram')}>
              <Workflow size={18} aria-hidden /> {messages.diagrams.fromList}
            </Button>
          </div>
        );
      case 'line':
        return (
          <div>
            <LinePicker onPick={(fields) => picked(() => place('line', tied(deck, slideId, fields)))} />
            <Button look="quiet" className="mt-1 w-full !justify-start" onClick={() => picked(beginInk)}>
              <PenLine size={18} aria-hidden /> {messages.ink.begin}
            </Button>
          </div>
        );
      case 'table':
        return (
          <div>
            <TablePicker onPick={(rows, columns) => picked(() => placeTable(rows, columns))} />
            <ChartPicker onPick={(form) => picked(() => placeChart(form))} />
          </div>
        );
      case 'sign':
        return (
          <div className="w-[26rem] max-w-full p-1">
            <SignPicker onPick={(sign) => picked(() => place('sign', signFields(sign)))} />
            <Button look="quiet" className="mt-1 w-full !justify-start" onClick={() => setPicking('formula')}>
              <Radical size={18} aria-hidden /> {messages.formulas.title}
            </Button>
          </div>
        );
      case 'media':
        return (
          <MediaPicker
            onFiles={(files) => picked(() => onFiles(files))}
            onRecord={(source) => picked(() => setRecording(source))}
            onWebCard={() => picked(placeWebCard)}
          />
        );
      case 'diagram':
      case 'formula':
      case 'question':
      case 'pieces':
      case 'exchange':
      case undefined:
        return null;
    }
  };
  const take = (event: ChangeEvent<HTMLInputElement>) => {
    setPicking(null);
    onFiles([...(event.target.files ?? [])]);
    event.target.value = '';
  };
  return (
    <section aria-label={messages.editor.palette} className="flex flex-none">
      <div
        role="toolbar"
        aria-label={messages.editor.palette}
        aria-orientation="vertical"
        className="flex w-[72px] flex-none flex-col overflow-y-auto border-e border-rule py-1"
        onFocus={stops.onFocus}
        onKeyDown={stops.onKeyDown}
        onBlur={({ currentTarget, target }) => {
          // What is chosen from beside a button is no part of the palette.
          if (currentTarget.contains(target)) placed.current = null;
        }}
      >
        {groups.map((entries, index) => (
          <Fragment key={entries[0]?.name}>
            {index > 0 ? <hr className="mx-3 my-1 border-rule" /> : null}
            {entries.map((entry) => {
              const content = besides(entry.choosing);
              const button = <PaletteButton key={entry.name} entry={entry} tabIndex={stops.tabIndexOf(entry.name)} />;
              return content ? (
                <Popover
                  key={entry.name}
                  label={entry.name}
                  side="right"
                  open={picking === entry.choosing}
                  onOpenChange={(open) => setPicking(open ? (entry.choosing ?? null) : null)}
                  trigger={button}
                  onClosed={(event) => {
                    // Whoever has taken the pen in hand goes on with the slide.
                    if (!useInking.getState().isOn) return;
                    event.preventDefault();
                    focusInk();
                  }}
                >
                  {content}
                </Popover>
              ) : (
                button
              );
            })}
          </Fragment>
        ))}
        {picking === 'question' ? (
          <QuestionPicker
            onClose={() => setPicking(null)}
            onExchange={() => setPicking('exchange')}
            onPick={(start) => {
              setPicking(null);
              const { changes, itemId } = placeQuestion(deck, slideId, start);
              run(changes);
              selectPlaced(itemId);
            }}
          />
        ) : null}
        {picking === 'exchange' ? (
          <Suspense fallback={null}>
            <ExchangeDialog editing={editing} slideId={slideId} onGo={onGo} onClose={() => setPicking(null)} />
          </Suspense>
        ) : null}
        {picking === 'diagram' ? (
          <DiagramDialog editing={editing} slideId={slideId} onClose={() => setPicking(null)} />
        ) : null}
        {picking === 'formula' ? (
          <FormulaDialog
            start={null}
            byItself
            onPut={(source, drawing) => picked(() => placeFormula(source, drawing))}
            onClose={() => setPicking(null)}
          />
        ) : null}
        {recording ? <RecordDialog source={recording} onPlace={onMedia} onClose={() => setRecording(null)} /> : null}
        {picking === 'pieces' ? (
          <PiecesDialog editing={editing} slideId={slideId} onClose={() => setPicking(null)} />
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
    </section>
  );
}
