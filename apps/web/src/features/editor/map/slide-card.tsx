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
/** Farther off than this names are written larger. */
export const FAR = 0.62;
/** Nearer than this pictures are drawn; from farther off only names can be told apart. */
const NEAR = 0.22;

export function SlideCard({ data, selected }: NodeProps<SlideNode>) {
  const isDrawing = useConnection((connection) => connection.inProgress);
  const isNear = useStore((store) => store.transform[2] > NEAR);
  const isFar = useStore((store) => store.transform[2] < FAR);
  const { figures, heat } = data;
  const share = heat && figures && Number.isFinite(figures.seen) ? figures.seen : null;
  return (
    <div
      className={`relative h-[146px] w-[168px] rounded-md border-2 bg-card p-0.5 text-ink ${data.isCurrent ? 'border-dusk outline-3 outline-dusk' : selected ? 'border-dusk outline-3 outline-dashed outline-dusk' : figures?.troubles.length ? 'border-berry' : 'border-edge'}`}
      style={share === null ? undefined : { background: `color-mix(in srgb, var(--clay) ${share * 26}%, var(--card))` }}
    >
      {share === null ? null : (
        <span
          aria-hidden
          className="absolute bottom-0.5 left-0 w-2 rounded-sm bg-clay"
          style={{ height: `${share * 96}%` }}
        />
      )}
      {share === null ? null : (
        <span
          className={`absolute right-1 top-1 z-[1] rounded bg-card px-1 font-bold ${isFar ? 'text-[22px] leading-7' : 'text-[13px] leading-4'}`}
        >
          {percent(share)}
        </span>
      )}
      <Handle
        type="target"
        position={Position.Left}
        className={isDrawing ? 'map-port map-port-wide' : 'map-port'}
        aria-label={messages.routes.port.in}
      />
      <span className={`block h-[90px] overflow-hidden rounded ${data.leftOut ? 'opacity-55' : ''}`}>
        {isNear ? <Thumbnail deck={data.drawing} slideId={data.slideId} width={PICTURE} number={data.number} /> : null}
      </span>
      <span
        className={`flex h-[48px] items-center gap-1 px-1 font-semibold ${isFar ? 'text-[20px] leading-6' : 'text-[14px] leading-[17px]'}`}
      >
        {data.isEnding ? <Flag size={13} aria-hidden className="flex-none text-reed" /> : null}
        {figures?.troubles.length ? <TriangleAlert size={14} aria-hidden className="flex-none text-berry" /> : null}
        <span className="line-clamp-2 min-w-0 flex-1 break-words">
          {data.place} {data.name}
        </span>
        {data.looseEnds.slice(0, 3).map((end) => {
          const Icon = destinationIcons[end.destination.to];
          return (
            <Icon
              key={end.key}
              size={14}
              aria-hidden
              className={`flex-none ${end.destination.to === 'slide' ? 'text-berry' : 'text-clay'}`}
            />
          );
        })}
      </span>
      <Handle type="source" position={Position.Right} className="map-port" aria-label={messages.routes.port.out} />
    </div>
  );
}
