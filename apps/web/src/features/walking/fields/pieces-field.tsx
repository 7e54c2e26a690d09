/** Pieces as buttons: pressed, one says where it can be placed; the place is the second press. */
import { type Deck, nameOf, type Piece, type ZoneItem } from '@gobrel/core/deck';
import type { SlideField } from '@gobrel/core/work';
import { type FillIn, PiecePicture } from '@gobrel/slide-view';
import { ChevronDown, ChevronUp } from 'lucide-react';
import { Fragment } from 'react';
import { messages } from '../../../shared/messages';
import { fieldId } from './field-id';
import { placeInZone } from './place-in-zone';

interface PiecesFieldProps {
  readonly edition: Deck;
  readonly field: Extract<SlideField, { readonly type: 'pieces' }>;
  readonly fillIn: FillIn;
  readonly placing: string | null;
  readonly onPlacing: (pieceId: string | null) => void;
}

/** The picture of a piece on its button, in CSS pixels at the most. */
const PICTURE = { width: 64, height: 44 };
const IN_A_ROW = 2;

export function PiecesField({ edition, field, fillIn, placing, onPlacing }: PiecesFieldProps) {
  const { pieces, zones } = field;
  const rows = Array.from({ length: Math.ceil(pieces.length / IN_A_ROW) }, (_, row) =>
    pieces.slice(row * IN_A_ROW, (row + 1) * IN_A_ROW),
  );
  return (
    <section aria-label={messages.fields.pieces}>
      <h2 className="font-sans text-[17px]">{messages.fields.pieces}</h2>
      <div className="mt-2 grid grid-cols-2 gap-2">
        {rows.map((row, at) => {
          const open = row.find(({ id }) => id === placing);
          return (
            <Fragment key={at}>
              {row.map((piece) => (
                <PieceButton
                  key={piece.id}
                  piece={piece}
                  zones={zones}
                  edition={edition}
                  fillIn={fillIn}
                  isOpen={piece === open}
                  onPress={() => onPlacing(piece === open ? null : piece.id)}
                />
              ))}
              {open && !fillIn.locked ? (
                <Places piece={open} zones={zones} fillIn={fillIn} onDone={() => onPlacing(null)} />
              ) : null}
            </Fragment>
          );
        })}
      </div>
    </section>
  );
}

interface PieceButtonProps {
  readonly piece: Piece;
  readonly zones: readonly ZoneItem[];
  readonly edition: Deck;
  readonly fillIn: FillIn;
  readonly isOpen: boolean;
  readonly onPress: () => void;
}

function PieceButton({ piece, zones, edition, fillIn, isOpen, onPress }: PieceButtonProps) {
  const zoneId = fillIn.work.pieces[piece.id]?.zoneId;
  const zone = zones.findIndex(({ id }) => id === zoneId);
  const Chevron = isOpen ? ChevronUp : ChevronDown;
  const isPictured = piece.items.some(({ kind }) => kind !== 'text' && kind !== 'shape');
  return (
    <button
      type="button"
      id={fieldId(piece.id)}
      aria-expanded={isOpen}
      disabled={fillIn.locked}
      onClick={onPress}
      className={`flex min-h-14 min-w-0 items-center gap-2 rounded-md border-2 px-2.5 py-1.5 text-start ${
        isOpen ? 'border-dusk bg-dusk/10' : zone < 0 ? 'border-dashed border-edge bg-card' : 'border-edge bg-card'
      }`}
    >
      {isPictured ? <PiecePicture piece={piece} theme={edition.theme} {...PICTURE} /> : null}
      <span className="min-w-0 flex-1">
        <strong className="block text-[17px] leading-tight wrap-anywhere">
          {piece.name || messages.pieces.unnamed}
        </strong>
        <span className={`block text-sm ${zone < 0 ? 'font-semibold text-tide' : 'text-soft'}`}>
          {zone < 0 ? messages.fields.placeIn : nameOfZone(zones, zone)}
        </span>
      </span>
      {fillIn.locked ? null : <Chevron size={18} aria-hidden className="flex-none text-soft" />}
    </button>
  );
}

interface PlacesProps {
  readonly piece: Piece;
  readonly zones: readonly ZoneItem[];
  readonly fillIn: FillIn;
  readonly onDone: () => void;
}

/** Brought into sight as it opens. */
const intoSight = (element: HTMLElement | null) => {
  element?.scrollIntoView({ block: 'nearest' });
};

/** The zones to place a piece in, right below its row. */
function Places({ piece, zones, fillIn, onDone }: PlacesProps) {
  const name = piece.name || messages.pieces.unnamed;
  const title = messages.fields.placeNamedIn({ name });
  const present = fillIn.work.pieces[piece.id]?.zoneId ?? null;
  const done = () => {
    document.getElementById(fieldId(piece.id))?.focus();
    onDone();
  };
  return (
    <div
      ref={intoSight}
      role="group"
      aria-label={title}
      className="col-span-2 rounded-md border-2 border-dusk bg-dusk/10 p-2.5"
    >
      <p aria-hidden className="mb-2 font-semibold text-dusk">
        {title}
      </p>
      <div className="grid grid-cols-2 gap-2">
        {zones.map((zone, at) => (
          <button
            key={zone.id}
            type="button"
            aria-current={zone.id === present || undefined}
            className={`min-h-11 rounded-md border bg-card px-2 py-1.5 text-[17px] font-semibold wrap-anywhere ${zone.id === present ? 'border-2 border-ink' : 'border-edge'}`}
            onClick={() => {
              placeInZone(fillIn, zones, piece, zone.id);
              done();
            }}
          >
            {nameOfZone(zones, at)}
          </button>
        ))}
        {present === null ? null : (
          <button
            type="button"
            className="min-h-11 rounded-md px-2 py-1.5 text-[17px] font-semibold underline"
            onClick={() => {
              fillIn.sendHome([piece.id]);
              fillIn.say(messages.pieces.wentHome({ name }));
              done();
            }}
          >
            {messages.fields.takeOut}
          </button>
        )}
      </div>
    </div>
  );
}

function nameOfZone(zones: readonly ZoneItem[], at: number): string {
  const zone = zones[at];
  return zone ? nameOf(zone) || messages.pieces.unnamedZone({ place: at + 1 }) : '';
}
