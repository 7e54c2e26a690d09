/** The whole deck as a map: slides as small live pictures, ways as lines, sections as areas; everything is changed here. */
import '@xyflow/react/dist/base.css';
import type { SlideId } from '@gobrel/core/deck';
import { mapWays } from '@gobrel/core/route-map';
import { useRoom } from '@gobrel/slide-view';
import {
  applyNodeChanges,
  type FinalConnectionState,
  type NodeChange,
  ReactFlow,
  ReactFlowProvider,
  useReactFlow,
} from '@xyflow/react';
import { type KeyboardEvent, useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { messages } from '../../../shared/messages';
import { useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { chosenSlides, toggled } from '../order/choosing';
import type { SlideActions } from '../order/use-slide-actions';
import { BringInDialog } from './bring-in-dialog';
import { DestinationDialog } from './destination-dialog';
import { FiguresTable } from './figures-table';
import { flowDefaults } from './flow-defaults';
import { MapBar } from './map-bar';
import { type Look, sectionNodes, slideNodes, slidesInLook, walkShown, wayEdges } from './map-cards';
import { openingView, RIM } from './opening-view';
import type { SectionNode } from './section-area';
import type { SlideNode } from './slide-card';
import { TakeOutMenu } from './take-out-menu';
import { useMapActs } from './use-map-acts';
import { useMapLayout } from './use-map-layout';
import { useRouteFigures } from '../routes-worker/use-route-figures';
import { useMapLetters } from './use-map-letters';
import { pointAtWay, selectWay, useWaysInHand } from './ways-in-hand';

/** How far an arrow key moves what is in sight, in CSS pixels, and which way each goes. */
const PAN = 90;
const panKeys: Readonly<Record<string, readonly [x: number, y: number] | undefined>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

interface RouteMapProps {
  readonly editing: Editing;
  readonly current: SlideId;
  readonly actions: SlideActions;
  readonly onGo: (slideId: SlideId) => void;
  /** Opens a slide to work on it. */
  readonly onOpen: (slideId: SlideId) => void;
}

export function RouteMap(props: RouteMapProps) {
  return (
    <ReactFlowProvider>
      <Map {...props} />
    </ReactFlowProvider>
  );
}

function Map({ editing, current, actions, onGo, onOpen }: RouteMapProps) {
  const deck = useDeferredValue(editing.deck);
  const ways = useMemo(() => mapWays(deck), [deck]);
  const layout = useMapLayout(deck, ways);
  const places = layout?.places ?? null;
  const figures = useRouteFigures(deck);
  const acts = useMapActs(editing, current, onGo);
  const chosen = useDesk((desk) => desk.chosen);
  const [look, setLook] = useState<Look>('all');
  const [heat, setHeat] = useState(false);
  const [asTable, setAsTable] = useState(false);
  const [bringing, setBringing] = useState(false);
  const selectedWay = useWaysInHand((ways) => ways.selected);
  const [drawingFrom, setDrawingFrom] = useState<SlideId | null>(null);
  const flow = useReactFlow<SlideNode | SectionNode>();
  const shown = useMemo(() => slidesInLook(deck, ways, look, current), [deck, ways, look, current]);
  const wanted = useMemo(
    () =>
      places
        ? [...sectionNodes(deck, places), ...slideNodes(deck, { places, current, chosen, shown, figures, heat })]
        : [],
    [deck, places, current, chosen, shown, figures, heat],
  );
  // Cards follow the finger while they are dragged, before anything is written.
  const [nodes, setNodes] = useState<(SlideNode | SectionNode)[]>([]);
  useEffect(() => setNodes(wanted), [wanted]);
  const looked = useRef(look);
  useEffect(() => {
    // What is looked at comes into sight as soon as its cards are there.
    if (looked.current === look) return;
    looked.current = look;
    requestAnimationFrame(() => void flow.fitView({ maxZoom: 1, padding: RIM, duration: 200 }));
  }, [nodes, look, flow]);
  const edges = useMemo(
    () =>
      layout
        ? wayEdges(deck, ways, { shown, selected: selectedWay, layout, figures, walk: walkShown(deck, look) })
        : [],
    [deck, ways, shown, selectedWay, layout, figures, look],
  );
  const onNodesChange = useCallback(
    (changes: NodeChange<SlideNode | SectionNode>[]) => {
      const moves = changes.filter((change) => change.type === 'position');
      setNodes((present) => applyNodeChanges(changes, present));
      const ended = moves.filter((move) => move.dragging === false && move.position);
      if (ended.length > 0)
        acts.place(Object.fromEntries(ended.map((move) => [move.id, move.position ?? { x: 0, y: 0 }])));
    },
    [acts],
  );
  const main = useRef<HTMLElement>(null);
  const [around, room] = useRoom<HTMLDivElement>();
  const letters = useMapLetters();
  const keys = (event: KeyboardEvent) => {
    const { target } = event;
    if (!(target instanceof Element) || target.closest('input, select, [role=dialog]')) return;
    if (moveView(event.key, target)) return event.preventDefault();
    const slideId = target.closest<HTMLElement>('.react-flow__node')?.dataset['id'];
    const wayKey = wayAround(target);
    const way = ways.find(({ key }) => key === wayKey);
    if (slideId && event.key === 'Enter') {
      if (slideId === current) onOpen(slideId);
      else onGo(slideId);
    } else if (slideId && (event.key === 'w' || event.key === 'W')) setDrawingFrom(slideId);
    else if (slideId && event.key === 'Delete') actions.remove(chosenSlides(deck, slideId, chosen));
    else if (way && event.key === 'Delete') acts.removeWay(way);
    else if (way && event.key === 'Enter') selectWay(way.key);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  /** Keys that move what is in sight; says whether it was one. Arrows move a card while it has the focus. */
  const moveView = (key: string, target: Element): boolean => {
    const pan = target.closest('.react-flow__node, .react-flow__edge, aside, button') ? undefined : panKeys[key];
    if (pan) {
      const { x, y, zoom } = flow.getViewport();
      void flow.setViewport({ x: x - pan[0] * PAN, y: y - pan[1] * PAN, zoom });
    } else if (key === '+') void flow.zoomIn();
    else if (key === '-') void flow.zoomOut();
    else if (key === '0') void flow.fitView({ maxZoom: 1, padding: RIM });
    else return false;
    return true;
  };
  /** A way that ends where no slide is leads to a new one there. */
  const endDrawing = (event: MouseEvent | TouchEvent, drawn: FinalConnectionState) => {
    if (drawn.toNode || !drawn.fromNode || drawn.fromHandle.type !== 'source') return;
    const at = 'changedTouches' in event ? event.changedTouches[0] : event;
    if (at) acts.addSlide(flow.screenToFlowPosition({ x: at.clientX, y: at.clientY }), drawn.fromNode.id);
  };
  const goTo = (slideId: SlideId) => {
    onGo(slideId);
    if (places?.[slideId]) void flow.fitView({ nodes: [{ id: slideId }], maxZoom: 1, duration: 200 });
  };
  return (
    <main
      ref={main}
      tabIndex={-1}
      aria-label={asTable ? messages.routes.table : messages.routes.map}
      className="flex min-w-0 flex-1 flex-col"
      onKeyDownCapture={keys}
      onFocus={({ target }) => pointAtWay(wayAround(target))}
      onBlur={() => pointAtWay(null)}
    >
      <MapBar
        deck={deck}
        figures={figures}
        look={look}
        onLook={setLook}
        heat={heat}
        onHeat={setHeat}
        asTable={asTable}
        onAsTable={setAsTable}
        onFind={goTo}
        onForget={(id) => {
          setLook('all');
          acts.forget(id);
        }}
        onAdd={() => acts.addSlide(null)}
        onLayOut={acts.layOut}
        canLayOut={Object.values(deck.slides).some((slide) => slide.onMap)}
      >
        <TakeOutMenu map={layout && { deck, ways, layout }} onBringIn={() => setBringing(true)} />
      </MapBar>
      {asTable ? (
        <FiguresTable deck={deck} figures={figures} current={current} onGo={onGo} onOpen={onOpen} />
      ) : (
        <div ref={around} style={letters} className="route-map dotted-ground relative min-h-0 flex-1">
          {places && room.width > 0 ? (
            <ReactFlow
              {...flowDefaults}
              nodes={nodes}
              edges={edges}
              onNodesChange={onNodesChange}
              onNodeClick={(event, node) => {
                if (node.type !== 'slide') return;
                selectWay(null);
                if (event.shiftKey || event.ctrlKey || event.metaKey)
                  useDesk.setState({ chosen: toggled(current, chosen, node.id) });
                else onGo(node.id);
              }}
              onNodeDoubleClick={(_event, node) => (node.type === 'slide' ? onOpen(node.id) : undefined)}
              onEdgeClick={(_event, edge) => selectWay(edge.id)}
              onPaneClick={() => selectWay(null)}
              onConnect={({ source, target }) => acts.drawWay(source, target)}
              onConnectEnd={endDrawing}
              onReconnect={(edge, { target }) => {
                const way = ways.find(({ key }) => key === edge.id);
                if (way && target !== way.to) acts.leadWay(way, target);
              }}
              onMoveEnd={(_event, view) => useDesk.setState({ mapView: view })}
              defaultViewport={useDesk.getState().mapView ?? openingView(places, current, room)}
              elevateEdgesOnSelect
              nodeDragThreshold={4}
              ariaLabelConfig={{
                'node.a11yDescription.default': messages.routes.cardHint,
                'node.a11yDescription.keyboardDisabled': messages.routes.cardHint,
                'edge.a11yDescription.default': messages.routes.wayHint,
              }}
            />
          ) : (
            <p className="p-8 text-soft">{messages.routes.counting}</p>
          )}
        </div>
      )}
      {bringing ? (
        <BringInDialog
          onBringIn={(plan) => {
            setBringing(false);
            acts.bringIn(plan);
          }}
          onClose={() => setBringing(false)}
        />
      ) : null}
      {drawingFrom !== null ? (
        <DestinationDialog
          deck={deck}
          from={drawingFrom}
          onPick={(to) => acts.drawWay(drawingFrom, to)}
          onClose={() => setDrawingFrom(null)}
        />
      ) : null}
    </main>
  );
}

/** The way whose line an element of the map belongs to, by its key. */
function wayAround(element: Element): string | null {
  return element.closest<SVGElement>('.react-flow__edge')?.dataset['id'] ?? null;
}
