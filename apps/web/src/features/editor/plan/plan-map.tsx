/** The deck as its plan would make it, as a map that follows what is typed: the passage one is in stands in its middle. */
import '@xyflow/react/dist/base.css';
import type { Deck, SlideId } from '@gobrel/core/deck';
import { mapWays } from '@gobrel/core/route-map';
import { useRoom } from '@gobrel/slide-view';
import { ReactFlow, ReactFlowProvider, useReactFlow } from '@xyflow/react';
import { Maximize } from 'lucide-react';
import { type KeyboardEvent, useEffect, useMemo } from 'react';
import { IconButton } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { flowDefaults } from '../map/flow-defaults';
import { sectionNodes, slideNodes, wayEdges } from '../map/map-cards';
import { RIM, viewAround } from '../map/opening-view';
import { useMapLayout } from '../map/use-map-layout';
import { useMapLetters } from '../map/use-map-letters';
import { useRouteFigures } from '../routes-worker/use-route-figures';

/** How near the map is: names are read, and the slides around the one in hand are in sight. */
const NEARNESS = 0.5;

interface PlanMapProps {
  readonly deck: Deck;
  /** The slide of the passage that somebody is in. */
  readonly current: SlideId;
  /** Goes to the passage of a slide. */
  readonly onGo: (slideId: SlideId) => void;
}

export function PlanMap(props: PlanMapProps) {
  return (
    <ReactFlowProvider>
      <Map {...props} />
    </ReactFlowProvider>
  );
}

function Map({ deck, current, onGo }: PlanMapProps) {
  const ways = useMemo(() => mapWays(deck), [deck]);
  const layout = useMapLayout(deck, ways, false);
  const figures = useRouteFigures(deck);
  const [around, room] = useRoom<HTMLDivElement>();
  const letters = useMapLetters();
  const flow = useReactFlow();
  const nodes = useMemo(
    () =>
      layout
        ? [
            ...sectionNodes(deck, layout.places),
            ...slideNodes(deck, { places: layout.places, current, chosen: [], shown: null, figures, heat: false }),
          ]
        : [],
    [deck, layout, current, figures],
  );
  const edges = useMemo(
    () => (layout ? wayEdges(deck, ways, { shown: null, selected: null, layout, figures, walk: null }) : []),
    [deck, ways, layout, figures],
  );
  const card = layout?.places[current];
  const view = layout && card && room.width > 0 ? viewAround(layout.places, card, room, NEARNESS) : null;
  const [x, y] = [view?.x, view?.y];
  useEffect(() => {
    // The map is moved only when the passage is another one, or stands elsewhere now.
    if (x !== undefined && y !== undefined) void flow.setViewport({ x, y, zoom: NEARNESS });
  }, [flow, x, y]);
  const keys = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' || !(event.target instanceof Element)) return;
    const slideId = event.target.closest<HTMLElement>('.react-flow__node')?.dataset['id'];
    if (!slideId) return;
    event.preventDefault();
    onGo(slideId);
  };
  return (
    <section
      ref={around}
      aria-label={messages.plan.map}
      style={letters}
      className="route-map plan-map dotted-ground relative min-h-64 flex-1 overflow-hidden rounded-md border border-rule"
      onKeyDownCapture={keys}
    >
      {layout && room.width > 0 ? (
        <>
          <ReactFlow
            {...flowDefaults}
            nodes={nodes}
            edges={edges}
            onNodeClick={(_event, node) => (node.type === 'slide' ? onGo(node.id) : undefined)}
            nodesDraggable={false}
            nodesConnectable={false}
            edgesReconnectable={false}
            edgesFocusable={false}
            ariaLabelConfig={{ 'node.a11yDescription.keyboardDisabled': messages.plan.cardHint }}
          />
          <span className="absolute end-1 top-1 z-10 rounded-md bg-card">
            <IconButton name={messages.routes.fit} onClick={() => void flow.fitView({ maxZoom: 1, padding: RIM })}>
              <Maximize size={18} aria-hidden />
            </IconButton>
          </span>
        </>
      ) : (
        <p className="p-4 text-soft">{messages.routes.counting}</p>
      )}
    </section>
  );
}
