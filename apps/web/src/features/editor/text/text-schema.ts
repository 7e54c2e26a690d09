/** The closed schema of rich text, as the text editor's extensions. It mirrors `core/deck/rich-text.ts`. */
import type { Destination, FontName, TextStyle } from '@gobrel/core/deck';
import { alignStyle, paint } from '@gobrel/slide-view';
import { Extension, Mark, mergeAttributes } from '@tiptap/core';
import StarterKit from '@tiptap/starter-kit';
import { ySyncPlugin } from '@tiptap/y-tiptap';
import type * as Y from 'yjs';

/** A link on words. It is drawn, never followed, while its text is typed in. */
const LinkMark = Mark.create({
  name: 'link',
  inclusive: false,
  addAttributes: () => ({
    destination: { default: null as Destination | null, rendered: false, parseHTML: () => null },
  }),
  renderHTML: ({ HTMLAttributes }) => ['span', mergeAttributes(HTMLAttributes, { class: 'gv-link' }), 0],
});

/** A mark without settings of its own. */
const plainMark = (name: 'subscript' | 'superscript', tag: 'sub' | 'sup', excludes: string) =>
  Mark.create({ name, excludes, parseHTML: () => [{ tag }], renderHTML: () => [tag, 0] });

/** The ground behind some words. */
const HighlightMark = Mark.create({
  name: 'highlight',
  addAttributes: () => ({ color: { default: '#f6ead0', rendered: false, parseHTML: () => '#f6ead0' } }),
  parseHTML: () => [{ tag: 'mark' }],
  renderHTML: ({ mark }) => ['mark', { style: `background: ${paint(String(mark.attrs['color']))}` }, 0],
});

/** Colour, size and font of a run; size in slide units. */
const TextStyleMark = Mark.create({
  name: 'textStyle',
  addAttributes: () => ({
    font: { default: null as FontName | null, rendered: false, parseHTML: () => null },
    color: { default: null as string | null, rendered: false, parseHTML: () => null },
    fontSize: { default: null as number | null, rendered: false, parseHTML: () => null },
  }),
  renderHTML: ({ mark }) => {
    // As the attributes above have them.
    // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
    const { color, fontSize, font } = mark.attrs as TextStyle;
    const style = [
      color ? `color: ${paint(color)}` : '',
      fontSize ? `font-size: ${fontSize}px` : '',
      font ? `font-family: var(--gv-font-${font})` : '',
    ]
      .filter(Boolean)
      .join('; ');
    return ['span', { style }, 0];
  },
});

/** How a paragraph's lines are set; without a value, as its item says. */
const Alignment = Extension.create({
  name: 'alignment',
  addGlobalAttributes: () => [
    {
      types: ['paragraph'],
      attributes: {
        textAlign: {
          default: null as string | null,
          renderHTML: ({ textAlign }) => (textAlign ? { style: `text-align: ${alignStyle(textAlign)}` } : {}),
          parseHTML: (element) => element.style.textAlign || null,
        },
      },
    },
  ],
});

/** Everything the text editor knows, bound to the fragment that holds the text. */
export function textExtensions(fragment: Y.XmlFragment) {
  const Shared = Extension.create({
    name: 'sharedText',
    priority: 1000,
    addProseMirrorPlugins: () => [ySyncPlugin(fragment)],
  });
  return [
    StarterKit.configure({
      code: false,
      codeBlock: false,
      heading: false,
      horizontalRule: false,
      strike: false,
      underline: false,
      link: false,
      undoRedo: false,
      dropcursor: false,
      gapcursor: false,
      trailingNode: false,
    }),
    LinkMark,
    plainMark('subscript', 'sub', 'superscript'),
    plainMark('superscript', 'sup', 'subscript'),
    HighlightMark,
    TextStyleMark,
    Alignment,
    Shared,
  ];
}
