/** The bar over the map: the sums, finding a slide, what is shown and how. */
import { type Deck, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { folded } from '@gobrel/core/search';
import { useReactFlow } from '@xyflow/react';
import { LayoutDashboard, Maximize, Minus, Percent, Plus, SquarePlus, Table2, Trash2 } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { RouteIcon } from '../../../shared/drawings';
import { Choose, IconButton } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';
import { RIM } from './opening-view';
import { type Look, looks } from './map-cards';
import type { DeckFigures } from '../routes-worker/use-route-figures';

interface MapBarProps {
  readonly deck: Deck;
  readonly figures: DeckFigures | null;
  readonly look: Look;
  readonly onLook: (look: Look) => void;
  readonly heat: boolean;
  readonly onHeat: (heat: boolean) => void;
  readonly asTable: boolean;
  readonly onAsTable: (asTable: boolean) => void;
  readonly onFind: (slideId: SlideId) => void;
  readonly onForget: (walk: string) => void;
  readonly onAdd: () => void;
  readonly onLayOut: () => void;
  readonly canLayOut: boolean;
  /** What else stands in the bar. */
  readonly children: ReactNode;
}

export function MapBar(props: MapBarProps) {
  const {
    deck,
    figures,
    look,
    onLook,
    onForget,
    heat,
    onHeat,
    asTable,
    onAsTable,
    onAdd,
    onLayOut,
    canLayOut,
    children,
  } = props;
  const flow = useReactFlow();
  return (
    <div className="flex flex-wrap items-center gap-x-2 gap-y-1 border-b border-rule px-3 py-1.5">
      <span className="w-24">
        <Choose
          label={messages.routes.shownAs}
          value={asTable ? 'table' : 'map'}
          options={[
            { value: 'map', name: messages.routes.asMap, icon: <RouteIcon size={18} aria-hidden /> },
            { value: 'table', name: messages.routes.asTable, icon: <Table2 size={18} aria-hidden /> },
          ]}
          onChange={(as) => onAsTable(as === 'table')}
        />
      </span>
      <FindSlide {...props} />
      {asTable ? null : (
        <>
          <label className="flex min-h-control items-center gap-1 rounded-md border border-edge bg-card ps-2 text-sm">
            <span aria-hidden className="text-soft">
              {messages.routes.look}
            </span>
            <select
              aria-label={messages.routes.look}
              value={typeof look === 'object' ? look.walk : look}
              className="min-h-control max-w-36 xl:max-w-52 rounded-md bg-card pe-1 font-semibold"
              onChange={({ target }) => onLook(looks.find((each) => each === target.value) ?? { walk: target.value })}
            >
              {looks.map((each) => (
                <option key={each} value={each}>
                  {messages.routes.looks[each]}
                </option>
              ))}
              {deck.walks.length > 0 ? (
                <optgroup label={messages.routes.walks}>
                  {deck.walks.map((walk) => (
                    <option key={walk.id} value={walk.id}>
                      {walk.name}
                    </option>
                  ))}
                </optgroup>
              ) : null}
            </select>
          </label>
          {typeof look === 'object' ? (
            <IconButton name={messages.routes.forgetWalk} onClick={() => onForget(look.walk)}>
              <Trash2 size={18} aria-hidden />
            </IconButton>
          ) : null}
          <IconButton name={messages.routes.heat} pressed={heat} onClick={() => onHeat(!heat)}>
            <Percent size={18} aria-hidden />
          </IconButton>
          <IconButton name={messages.routes.addSlide} onClick={onAdd}>
            <SquarePlus size={19} aria-hidden />
          </IconButton>
          <IconButton name={messages.routes.layOut} disabled={!canLayOut} onClick={onLayOut}>
            <LayoutDashboard size={18} aria-hidden />
          </IconButton>
          {children}
          <IconButton name={messages.routes.zoomOut} onClick={() => void flow.zoomOut()}>
            <Minus size={18} aria-hidden />
          </IconButton>
          <IconButton name={messages.routes.zoomIn} onClick={() => void flow.zoomIn()}>
            <Plus size={18} aria-hidden />
          </IconButton>
          <IconButton name={messages.routes.fit} onClick={() => void flow.fitView({ maxZoom: 1, padding: RIM })}>
            <Maximize size={18} aria-hidden />
          </IconButton>
        </>
      )}
      <p role="status" className="min-w-0 flex-1 basis-full text-sm text-soft">
        {figures ? <Sums figures={figures} /> : messages.routes.counting}
      </p>
    </div>
  );
}

function Sums({ figures }: { figures: DeckFigures }) {
  const { sum } = messages.routes;
  return (
    <>
      {[
        sum.slides({ count: figures.slides.size }),
        sum.endings({ count: figures.endings }),
        routesInWords(figures),
        lengthInWords(figures.length),
        ...(figures.hasGates ? [sum.gates] : []),
      ].join(' · ')}{' '}
      ·{' '}
      <span className={figures.troubles > 0 ? 'font-semibold text-berry' : 'font-semibold text-reed'}>
        {sum.troubles({ count: figures.troubles })}
      </span>
    </>
  );
}

/** Finds a slide by a part of its name; Enter goes to the first that fits, and on to the next. */
function FindSlide({ deck, onFind }: Pick<MapBarProps, 'deck' | 'onFind'>) {
  const [sought, setSought] = useState('');
  const [turn, setTurn] = useState(0);
  const found = slidesInOrder(deck).filter((slide) => folded(slideName(deck, slide.id)).includes(folded(sought)));
  return (
    <input
      type="search"
      aria-label={messages.routes.find}
      placeholder={messages.routes.findHint}
      value={sought}
      className="min-h-control w-36 xl:w-44 rounded-md border border-edge bg-card px-2"
      onChange={(event) => {
        setSought(event.target.value);
        setTurn(0);
      }}
      onKeyDown={(event) => {
        const next = found[turn % Math.max(1, found.length)];
        if (event.key !== 'Enter' || !next) return;
        setTurn(turn + 1);
        onFind(next.id);
      }}
    />
  );
}

function routesInWords({ shortest, longest }: DeckFigures): string {
  const { sum } = messages.routes;
  if (shortest === null || longest === null) return sum.noRoute;
  return sum.routes({ shortest, longest: longest === 'endless' ? sum.endlesslyMany : longest });
}

/** @param length slides on an average walk; NaN when it could not be counted, Infinity when it may never end */
function lengthInWords(length: number): string {
  const { sum } = messages.routes;
  if (Number.isNaN(length)) return sum.loops;
  return length === Infinity ? sum.endless : sum.length({ length });
}
