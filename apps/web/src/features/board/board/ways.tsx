/** Where students went: the ways walked, counted on the map of the deck, and the choices at one slide compared. */
import { type Deck, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { countWays, stepsFrom, type WaysWalked } from '@gobrel/core/lesson';
import { bendKey, CARD, layOutMap, type MapLayout, mapWays } from '@gobrel/core/route-map';
import { useMemo, useState } from 'react';
import { Thumbnail, wayCourse } from '../../../shared/slides';
import { Empty } from '../../../shared/ui';
import type { Watched } from '../../../shared/watching';
import { messages, slideName } from '../../../shared/messages';

/** Above so many slides a map tells less than the table, and takes long to lay out. */
const MOST_ON_MAP = 120;
/** Room around the map and width of the thickest way, in units of the map. */
const MARGIN = 30;
const THICKEST = 12;

export function Ways({ edition, everybody }: { edition: Deck; everybody: readonly Watched[] }) {
  const walked = useMemo(() => countWays(everybody.map(({ work }) => work)), [everybody]);
  const order = slidesInOrder(edition);
  const [chosen, setChosen] = useState<SlideId | null>(null);
  if (walked.steps.length === 0 && walked.reached.size === 0) return <Empty title={messages.watching.noWays} />;
  const parting = order.find(({ id }) => stepsFrom(walked, id).length > 1)?.id;
  const slideId = chosen ?? parting ?? order[0]?.id ?? '';
  return (
    <div className="flex flex-col gap-5">
      {order.length <= MOST_ON_MAP ? (
        <WalkedMap edition={edition} walked={walked} chosen={slideId} onChoose={setChosen} />
      ) : null}
      <ChoicesAt edition={edition} walked={walked} slideId={slideId} />
      <table className="w-full border-collapse text-start">
        <caption className="spoken">{messages.watching.ways}</caption>
        <thead>
          <tr className="border-b border-rule text-sm text-soft">
            <th scope="col" className="px-2 py-2 font-semibold">
              {messages.watching.from}
            </th>
            <th scope="col" className="px-2 py-2 font-semibold">
              {messages.watching.to}
            </th>
            <th scope="col" className="px-2 py-2 text-center font-semibold">
              {messages.watching.students}
            </th>
          </tr>
        </thead>
        <tbody>
          {walked.steps.map(({ from, to, students }) => (
            <tr key={`${from} ${to}`} className="border-b border-rule">
              <td className="px-2 py-1.5">{slideName(edition, from)}</td>
              <td className="px-2 py-1.5">{slideName(edition, to)}</td>
              <td className="px-2 py-1.5 text-center tabular-nums">{students}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface MapProps {
  readonly edition: Deck;
  readonly walked: WaysWalked;
  readonly chosen: SlideId;
  readonly onChoose: (slideId: SlideId) => void;
}

function WalkedMap({ edition, walked, chosen, onChoose }: MapProps) {
  const layout = useMemo(() => layOut(edition, walked), [edition, walked]);
  const at = Object.values(layout.places);
  const width = Math.max(...at.map(({ x }) => x)) + CARD.width + MARGIN;
  const height = Math.max(...at.map(({ y }) => y)) + CARD.height + MARGIN * 4;
  const most = Math.max(1, ...walked.steps.map(({ students }) => students));
  return (
    // A wide map is scrolled by keys too.
    <div
      className="max-h-[56vh] overflow-auto rounded-md border border-rule bg-card"
      role="region"
      aria-label={messages.watching.ways}
      tabIndex={0}
    >
      <div className="relative" style={{ width, height }}>
        <svg className="absolute inset-0" width={width} height={height} aria-hidden>
          {walked.steps.map(({ from, to, students }) => {
            const [a, b] = [layout.places[from], layout.places[to]];
            if (!a || !b) return null;
            const start = { x: a.x + CARD.width, y: a.y + CARD.height / 2 };
            const { path, middle } = wayCourse(
              start,
              { x: b.x, y: b.y + CARD.height / 2 },
              layout.bends[bendKey(from, to)] ?? [],
              0,
            );
            return (
              <g key={`${from} ${to}`}>
                <path
                  d={path}
                  fill="none"
                  className="stroke-clay"
                  opacity={0.55}
                  strokeWidth={2 + ((THICKEST - 2) * students) / most}
                />
                <text
                  x={middle.x}
                  y={middle.y + 5}
                  textAnchor="middle"
                  className="fill-clay stroke-card font-bold"
                  strokeWidth={5}
                  paintOrder="stroke"
                >
                  {students}
                </text>
              </g>
            );
          })}
        </svg>
        {slidesInOrder(edition).map(({ id }) => {
          const place = layout.places[id];
          const reached = walked.reached.get(id) ?? 0;
          if (!place) return null;
          return (
            <button
              key={id}
              type="button"
              aria-pressed={id === chosen}
              className="absolute rounded-md border border-edge bg-card p-1 text-start aria-pressed:outline aria-pressed:outline-[3px] aria-pressed:outline-dusk"
              style={{ left: place.x, top: place.y, width: CARD.width, height: CARD.height }}
              onClick={() => onChoose(id)}
            >
              <Thumbnail deck={edition} slideId={id} width={CARD.width - 12} />
              <span className="mt-1 flex justify-between gap-1 text-sm">
                <span className="truncate font-semibold">{slideName(edition, id)}</span>
                <span className="tabular-nums" title={messages.watching.reached}>
                  <span className="spoken">{messages.watching.reached} </span>
                  {reached}
                </span>
              </span>
            </button>
          );
        })}
      </div>
    </div>
  );
}

function layOut(edition: Deck, walked: WaysWalked): MapLayout {
  const slides = slidesInOrder(edition);
  const planned = mapWays(edition).map(({ from, to, link }) => ({ from, to, isLink: link !== null }));
  const known = new Set(planned.map(({ from, to }) => bendKey(from, to)));
  const others = walked.steps
    .filter(({ from, to }) => edition.slides[from] && edition.slides[to] && !known.has(bendKey(from, to)))
    .map(({ from, to }) => ({ from, to, isLink: false }));
  return layOutMap({
    slides: slides.map(({ id }) => id),
    ways: [...planned, ...others],
    sections: {},
    byHand: Object.fromEntries(slides.flatMap(({ id, onMap }) => (onMap ? [[id, onMap]] : []))),
    before: {},
  });
}

function ChoicesAt({ edition, walked, slideId }: { edition: Deck; walked: WaysWalked; slideId: SlideId }) {
  const steps = stepsFrom(walked, slideId);
  const all = steps.reduce((sum, { students }) => sum + students, 0);
  if (all === 0) return null;
  return (
    <section>
      <h2 className="text-lg">
        {messages.watching.waysOf}: {slideName(edition, slideId)}
      </h2>
      <ul className="max-w-xl">
        {steps.map(({ to, students }) => (
          <li key={to} className="grid grid-cols-[10rem_minmax(0,1fr)_auto] items-center gap-3 py-1">
            <span className="truncate font-semibold">{slideName(edition, to)}</span>
            <span className="h-4 rounded-sm bg-clay says-by-length" style={{ width: `${(students / all) * 100}%` }} />
            <span className="tabular-nums">{messages.watching.walked({ count: students })}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
