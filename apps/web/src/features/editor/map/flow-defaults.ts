/** What every map is drawn with: its cards and lines, how near it can be seen, and keys left to the page. */
import type { ReactFlowProps } from '@xyflow/react';
import { SectionArea } from './section-area';
import { SlideCard } from './slide-card';
import { WayLine } from './way-line';
import { pointAtWay } from './ways-in-hand';

export const flowDefaults = {
  nodeTypes: { slide: SlideCard, section: SectionArea },
  edgeTypes: { way: WayLine },
  onEdgeMouseEnter: (_event, edge) => pointAtWay(edge.id),
  onEdgeMouseLeave: () => pointAtWay(null),
  minZoom: 0.01,
  maxZoom: 2,
  deleteKeyCode: null,
  selectionKeyCode: null,
  multiSelectionKeyCode: null,
  zoomOnDoubleClick: false,
  onlyRenderVisibleElements: true,
  proOptions: { hideAttribution: true },
} satisfies ReactFlowProps;
