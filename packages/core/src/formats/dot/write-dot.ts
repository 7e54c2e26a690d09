/** Writes a graph in the DOT language: sections as clusters, the running order dotted. */
import type { RouteSketch, SketchSlide } from '../route-sketch.js';

/** A sketch as a directed graph. */
export function writeDot({ title, slides, links }: RouteSketch): string {
  const sections = [...new Set(slides.map(({ section }) => section))];
  const node = ({ id, name }: SketchSlide) => `${quoted(id)} [label=${quoted(name)}];`;
  const groups = sections.flatMap((section, place) => {
    const nodes = slides.filter((slide) => slide.section === section).map(node);
    if (section === null) return nodes.map((line) => `  ${line}`);
    return [
      `  subgraph cluster_${place} {`,
      `    label=${quoted(section)};`,
      ...nodes.map((line) => `    ${line}`),
      '  }',
    ];
  });
  const edges = links.map(({ from, to, words, isOrder }) => {
    const attributes = [...(words === '' ? [] : [`label=${quoted(words)}`]), ...(isOrder ? ['style=dotted'] : [])].join(
      ', ',
    );
    return `  ${quoted(from)} -> ${quoted(to)}${attributes ? ` [${attributes}]` : ''};`;
  });
  return [`digraph ${quoted(title)} {`, '  rankdir=LR;', '  node [shape=box];', ...groups, ...edges, '}', ''].join(
    '\n',
  );
}

function quoted(text: string): string {
  return `"${text.replace(/\\/g, '\\\\').replace(/"/g, '\\"').replace(/\n/g, '\\n')}"`;
}
