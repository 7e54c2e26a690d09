/** Writes a graph as a flowchart: sections as subgraphs, the running order dotted. */
import type { RouteSketch, SketchSlide } from '../route-sketch.js';

/** A sketch as a flowchart from left to right. */
export function writeMermaid({ slides, links }: RouteSketch): string {
  const sections = [...new Set(slides.map(({ section }) => section))];
  const node = ({ id, name }: SketchSlide) => `${id}["${quoted(name)}"]`;
  const groups = sections.flatMap((section, place) => {
    const nodes = slides.filter((slide) => slide.section === section).map(node);
    if (section === null) return nodes.map((line) => `  ${line}`);
    return [`  subgraph part${place}["${quoted(section)}"]`, ...nodes.map((line) => `    ${line}`), '  end'];
  });
  const edges = links.map(({ from, to, words, isOrder }) =>
    words === '' ? `  ${from} ${isOrder ? '-.->' : '-->'} ${to}` : `  ${from} -->|"${quoted(words)}"| ${to}`,
  );
  return ['flowchart LR', ...groups, ...edges, ''].join('\n');
}

/** Quotes, line ends and what begins a name of a sign are written by their numbers. */
function quoted(text: string): string {
  return text.replace(/[#"\n|]/g, (sign) => `#${sign.codePointAt(0)};`);
}
