/** A slide on the map: its live picture, its name, where it leads besides, and what is wrong with it. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import type { LooseEnd } from '@gobrel/core/route-map';
import { Handle, type Node, type NodeProps, Position, useConnection, useStore } from '@xyflow/react';
import { Flag, TriangleAlert } from 'lucide-react';
import { Thumbnail } from '../../../shared/slides';
import { messages, percent } from '../../../shared/messages';
import { destinationIcons } from '../links/destination-icons';
import type { SlideFigures } from '../routes-worker/use-route-figures';

/** What a card shows. */
type SlideCardData = {
  readonly slideId: SlideId;
  /** The part of the deck that draws the slide. */
  readonly drawing: Deck;
  readonly name: string;
  readonly number: number | null;
  readonly place: number;
  readonly leftOut: boolean;
  readonly isEnding: boolean;
  readonly isCurrent: boolean;
  readonly looseEnds: readonly LooseEnd[];
  readonly figures: SlideFigures | null;
  readonly heat: boolean;
};

export type SlideNode = Node<SlideCardData, 'slide'>;

/** Width of the picture, in units of the map. */
const PICTURE = 160;
/** Nearer than this pictures are drawn; from farther off only names can be told apart. */
const NEAR = 0.22;

export function SlideCard({ data, selected }: NodeProps<SlideNode>) {
  const isDrawing = useConnection((connection) => connection.inProgress);
  const isNear = useStore((store) => store.transform[2] > NEAR);
  const { figures, heat } = data;
  const share = heat && figures && Number.isFinite(figures.seen) ? figures.seen : null;
  return (
    <div
      className={`map-card relative min-h-[160px] w-[168px] rounded-md border-2 bg-card p-0.5 text-ink ${data.isCurrent ? 'border-dusk outline-3 outline-dusk' : selected ? 'border-dusk outline-3 outline-dashed outline-dusk' : figures?.troubles.length ? 'border-berry' : 'border-edge'}`}
      style={share === null ? undefined : { background: `color-mix(in srgb, var(--clay) ${share * 26}%, var(--card))` }}
    >
      {share === null ? null : (
        <span
          aria-hidden
          className="absolute bottom-0.5 left-0 w-2 rounded-sm bg-clay says-by-length"
          style={{ height: `${share * 96}%` }}
        />
      )}
      {share === null ? null : (
        <span className="map-words absolute end-1 top-1 z-[1] rounded bg-card px-1 font-bold">{percent(share)}</span>
      )}
      <Handle
        type="target"
        position={Position.Left}
        className={isDrawing ? 'map-port map-port-wide' : 'map-port'}
        aria-label={messages.routes.port.in}
      />
      <span className={`relative block h-[90px] overflow-hidden rounded ${data.leftOut ? 'opacity-55' : ''}`}>
        {isNear ? <Thumbnail deck={data.drawing} slideId={data.slideId} width={PICTURE} number={data.number} /> : null}
      </span>
      <Marks data={data} />
      <span className="map-name flex min-h-[62px] items-center px-1 font-semibold">
        <span className="map-name-words min-w-0 flex-1 break-words">
          {data.place} {data.name}
        </span>
      </span>
      <Handle type="source" position={Position.Right} className="map-port" aria-label={messages.routes.port.out} />
    </div>
  );
}

/** What is so of a slide, on the lower edge of its picture: that it is an ending, what is wrong, where it leads besides. */
function Marks({ data: { isEnding, figures, looseEnds } }: { data: SlideCardData }) {
  const isFaulty = figures !== null && figures.troubles.length > 0;
  if (!isEnding && !isFaulty && looseEnds.length === 0) return null;
  return (
    <span className="map-words absolute start-1 top-[64px] z-[1] flex items-center gap-0.5 rounded bg-card p-0.5">
      {isEnding ? <Flag aria-hidden className="size-[1em] flex-none text-reed" /> : null}
      {isFaulty ? <TriangleAlert aria-hidden className="size-[1em] flex-none text-berry" /> : null}
      {looseEnds.slice(0, 3).map(({ key, destination }) => {
        const Icon = destinationIcons[destination.to];
        const colour = destination.to === 'slide' ? 'text-berry' : 'text-clay';
        return <Icon key={key} aria-hidden className={`size-[1em] flex-none ${colour}`} />;
      })}
    </span>
  );
}
