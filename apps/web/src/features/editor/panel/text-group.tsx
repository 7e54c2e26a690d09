/** How a text is set: what is marked while typing, else the whole item. */
import {
  type ItemFields,
  lookFields,
  lookGoingBy,
  setItemFields,
  type ShapeItem,
  shownLook,
  type TableItem,
  type TextItem,
  type TextLook,
  type TextStyle,
} from '@gobrel/core/deck';
import type { Editor } from '@tiptap/core';
import { useEditorState } from '@tiptap/react';
import {
  AlignCenter,
  AlignJustify,
  AlignLeft,
  AlignRight,
  AlignVerticalJustifyCenter,
  AlignVerticalJustifyEnd,
  AlignVerticalJustifyStart,
  Bold,
  Heading,
  Highlighter,
  Italic,
  List,
  ListOrdered,
  Quote,
  Subscript,
  Superscript,
} from 'lucide-react';
import { Choose, IconButton } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { useDesk, withText } from '../state/desk';
import type { Editing } from '../state/editing';
import { FormulaButton } from '../formulas/formula-button';
import { CharacterPicker } from './character-picker';
import { themeAt } from './theme-at';
import { currentCell } from '../table/current-cell';
import { Colours } from './colours';
import { FontField } from './font-field';
import { LanguageField } from './language-field';
import { Group, NumberField, POINTS } from './parts';
import { StyleField, WeightField } from './style-fields';

/** Usual distance of lines, in letter sizes. */
const USUAL_SPACING = 1.25;

const marks = [
  { name: 'bold', icon: Bold, run: (editor: Editor) => editor.chain().focus().toggleBold().run() },
  { name: 'italic', icon: Italic, run: (editor: Editor) => editor.chain().focus().toggleItalic().run() },
  {
    name: 'highlight',
    icon: Highlighter,
    run: (editor: Editor) => editor.chain().focus().toggleMark('highlight').run(),
  },
  {
    name: 'superscript',
    icon: Superscript,
    run: (editor: Editor) => editor.chain().focus().toggleMark('superscript').run(),
  },
  {
    name: 'subscript',
    icon: Subscript,
    run: (editor: Editor) => editor.chain().focus().toggleMark('subscript').run(),
  },
  { name: 'bulletList', icon: List, run: (editor: Editor) => editor.chain().focus().toggleBulletList().run() },
  { name: 'orderedList', icon: ListOrdered, run: (editor: Editor) => editor.chain().focus().toggleOrderedList().run() },
  { name: 'blockquote', icon: Quote, run: (editor: Editor) => editor.chain().focus().toggleBlockquote().run() },
] as const;

/** A press on a button of the panel leaves the marked words marked. */
const keepFocus = { onMouseDown: (event: React.MouseEvent) => event.preventDefault() };

export function TextGroup({ editing, item }: { editing: Editing; item: TextItem | ShapeItem | TableItem }) {
  const editor = useDesk((desk) => (desk.typingIn === item.id ? desk.textEditor : null));
  const on = useEditorState({
    editor,
    selector: ({ editor: current }) => marks.filter((mark) => current?.isActive(mark.name)).map((mark) => mark.name),
  });
  const theme = themeAt(editing.deck, item.slideId);
  const pressed = useDesk((desk) => desk.cell);
  const field = item.kind === 'table' ? currentCell(item, pressed).field : 'text';
  const look = shownLook(theme, item);
  const keep = (fields: ItemFields) => editing.run(setItemFields(editing.deck, item.id, fields));
  const setLook = (fields: Partial<TextLook>) => keep(lookFields(item, fields));
  /** Marked words get their own style; without any, the item does. */
  const setStyle = (style: Partial<TextStyle>, fields: Partial<TextLook>) => {
    if (!editor || editor.state.selection.empty) return setLook(fields);
    const present = editor.getAttributes('textStyle');
    editor
      .chain()
      .focus()
      .setMark('textStyle', { ...present, ...style })
      .run();
  };
  return (
    <Group title={messages.editor.text}>
      <div className="-mx-1.5 mb-1 flex flex-wrap" role="group" aria-label={messages.editor.text}>
        {marks.map((mark) => (
          <IconButton
            key={mark.name}
            name={messages.editor.textMarks[mark.name]}
            pressed={on?.includes(mark.name) ?? false}
            {...keepFocus}
            onClick={() => withText(item.id, (current) => mark.run(current), field)}
          >
            <mark.icon size={18} aria-hidden />
          </IconButton>
        ))}
        <IconButton
          name={messages.editor.heading}
          pressed={look.heading}
          {...keepFocus}
          onClick={() => setLook({ heading: !look.heading })}
        >
          <Heading size={18} aria-hidden />
        </IconButton>
        <CharacterPicker
          onPick={(character) =>
            withText(
              item.id,
              (current) => {
                // Without marked words in a text being typed in, the character goes to its end and replaces nothing.
                const at = editor ? current.state.selection : current.state.doc.content.size - 1;
                current.chain().insertContentAt(at, character).focus().run();
              },
              field,
            )
          }
        />
        <FormulaButton item={item} field={field} />
      </div>
      <StyleField
        value={item.look.style}
        isChanged={item.look.own.length > 0}
        onChange={(style) => keep({ look: lookGoingBy(theme, item.look, style) })}
      />
      <div>
        <FontField
          label={messages.editor.font}
          value={look.font ?? (look.heading ? 'heading' : 'text')}
          onChange={(font) => setStyle({ font }, { font })}
        />
        <WeightField value={look.weight} onChange={(weight) => setLook({ weight })} />
      </div>
      <div className="mb-2 grid grid-cols-2 gap-2">
        <NumberField
          label={messages.editor.size}
          value={look.size * POINTS}
          least={6}
          most={300}
          onChange={(points) => setStyle({ fontSize: points / POINTS }, { size: points / POINTS })}
        />
        <NumberField
          label={messages.editor.lineSpacing}
          shown={messages.editor.lineSpacingShort}
          value={look.lineSpacing ?? USUAL_SPACING}
          least={0.8}
          most={4}
          step={0.05}
          onChange={(lineSpacing) => setLook({ lineSpacing })}
        />
      </div>
      <div className="mb-2 flex flex-col gap-2">
        <Choose
          label={messages.editor.align}
          value={look.align}
          options={[
            { value: 'left', name: messages.editor.alignLeft, icon: <AlignLeft size={16} aria-hidden /> },
            { value: 'center', name: messages.editor.alignCenter, icon: <AlignCenter size={16} aria-hidden /> },
            { value: 'right', name: messages.editor.alignRight, icon: <AlignRight size={16} aria-hidden /> },
            { value: 'justify', name: messages.editor.alignJustify, icon: <AlignJustify size={16} aria-hidden /> },
          ]}
          onChange={(align) => setLook({ align })}
        />
        <Choose
          label={messages.editor.upright}
          value={look.upright}
          options={[
            {
              value: 'top',
              name: messages.editor.uprightTop,
              icon: <AlignVerticalJustifyStart size={16} aria-hidden />,
            },
            {
              value: 'middle',
              name: messages.editor.uprightMiddle,
              icon: <AlignVerticalJustifyCenter size={16} aria-hidden />,
            },
            {
              value: 'bottom',
              name: messages.editor.uprightBottom,
              icon: <AlignVerticalJustifyEnd size={16} aria-hidden />,
            },
          ]}
          onChange={(upright) => setLook({ upright })}
        />
        <Choose
          label={messages.editor.fit}
          value={look.fit}
          options={(['leave', 'shrink', 'grow'] as const).map((fit) => ({
            value: fit,
            name: messages.editor.fits[fit],
          }))}
          onChange={(fit) => setLook({ fit })}
        />
      </div>
      <Colours
        theme={theme}
        label={messages.editor.textColour}
        value={look.color}
        onChange={(color) => setStyle({ color }, { color })}
      />
      <LanguageField
        label={messages.editor.language}
        value={item.language}
        none={messages.editor.languageOfDeck}
        onChange={(language) => keep({ language })}
      />
    </Group>
  );
}
