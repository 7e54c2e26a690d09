/** Draws formulas written in TeX, by MathJax (https://www.mathjax.org), without a page: in a worker, or on a server. */
import { MathJaxTexFont } from '@mathjax/mathjax-tex-font/mjs/svg.js';
import { liteAdaptor } from '@mathjax/src/js/adaptors/liteAdaptor.js';
import type { LiteElement } from '@mathjax/src/js/adaptors/lite/Element.js';
import { STATE } from '@mathjax/src/js/core/MathItem.js';
import { type MmlNode, TextNode } from '@mathjax/src/js/core/MmlTree/MmlNode.js';
import { RegisterHTMLHandler } from '@mathjax/src/js/handlers/html.js';
import { TeX } from '@mathjax/src/js/input/tex.js';
import '@mathjax/src/js/input/tex/ams/AmsConfiguration.js';
import '@mathjax/src/js/input/tex/base/BaseConfiguration.js';
import '@mathjax/src/js/input/tex/cancel/CancelConfiguration.js';
import '@mathjax/src/js/input/tex/mhchem/MhchemConfiguration.js';
import { mathjax } from '@mathjax/src/js/mathjax.js';
import { SVG } from '@mathjax/src/js/output/svg.js';
import type { FormulaDrawing } from '../deck/index.js';
import { mathOf } from './math-nodes.js';
import { outlinesOf } from './outlines.js';

/** A formula that was drawn, or what its author has to look at, in the library's own (English) words. */
export type DrawnTex = { readonly drawing: FormulaDrawing } | { readonly wrong: string };

const adaptor = liteAdaptor();

/** Drawn once for all formulas of a page. */
const library = (() => {
  RegisterHTMLHandler(adaptor);
  const input = new TeX({
    packages: ['base', 'ams', 'cancel', 'mhchem'],
    // Whoever types is told what is wrong; a formula in red letters would be drawn for a class.
    formatError: (_tex: unknown, error: Error) => {
      throw error;
    },
    maxBuffer: 5 * 1024,
    maxMacros: 1000,
  });
  input.postFilters.add((...given: readonly unknown[]) => {
    // What the library gives its filters, which its types leave open.
    // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
    const { data } = given[0] as { readonly data: { readonly root: MmlNode } };
    data.root.walkTree((node: MmlNode) => plainArrow(node));
  });
  const output = new SVG({ fontData: MathJaxTexFont, fontCache: 'none', linebreaks: { inline: false } });
  return mathjax.document('', { InputJax: input, OutputJax: output });
})();

/** The arrows of chemistry, which the library draws with a font of its own that does not come along. */
const arrows: Readonly<Record<string, string>> = {
  '\uE408': '⇌',
  '\uE428': '←',
  '\uE429': '→',
  '\uE42A': '↔',
  '\uE42B': '⇄',
};

function plainArrow(node: MmlNode): void {
  if (node.kind !== 'mo') return;
  for (const child of node.childNodes)
    if (child instanceof TextNode && arrows[child.getText()] !== undefined) {
      child.setText(arrows[child.getText()] ?? '');
      node.attributes.unset('mathvariant');
      node.attributes.set('stretchy', false);
    }
}

/** Draws a formula. @param byItself whether it stands by itself: sums and fractions are larger then */
export function drawTex(tex: string, byItself: boolean): DrawnTex {
  try {
    const options = { display: byItself, em: 1000, ex: 431, containerWidth: 1_000_000 };
    const spoken = mathOf(library.convert(tex, { ...options, end: STATE.CONVERT }));
    const container: LiteElement = library.convert(tex, options);
    const svg = container.children.find((child): child is LiteElement => 'kind' in child && child.kind === 'svg');
    if (!svg) return { wrong: '' };
    const box: unknown = svg.attributes['viewBox'];
    const [, top = 0, width = 0, high = 0] = String(box).split(' ').map(Number);
    const drawing: FormulaDrawing = {
      width: Math.round(width),
      height: Math.round(-top),
      depth: Math.round(high + top),
      ...outlinesOf(svg),
      spoken,
    };
    return { drawing };
  } catch (error) {
    return { wrong: messageOf(error) };
  }
}

/** What an error says; those of the library are no errors of the language. */
function messageOf(error: unknown): string {
  const says = typeof error === 'object' && error !== null && 'message' in error ? error.message : '';
  return typeof says === 'string' ? says : '';
}
