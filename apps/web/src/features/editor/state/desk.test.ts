/** What is selected and typed in on one author's screen. */
import type { Editor } from '@tiptap/core';
import { fold, select, typeIn, typeInField, useDesk, withText } from './desk';

const editor = () => ({ commands: { selectAll: jest.fn() } }) as unknown as Editor;
beforeEach(() => {
  select();
  useDesk.setState({ textEditor: null, cell: null, folded: new Set(), typingField: 'text' });
});

test('whoever selects something else types no more', () => {
  typeIn('title');
  select('shape', 'line');
  expect(useDesk.getState()).toMatchObject({ selected: ['shape', 'line'], typingIn: null, awaiting: [] });
});

test('typing in an item selects it, and waits for its own text editor', () => {
  const old = editor();
  useDesk.setState({ textEditor: old });
  typeIn('title');
  expect(useDesk.getState()).toMatchObject({ selected: ['title'], typingIn: 'title', textEditor: null });
});

test('what is to be done with a text is done in order, once its editor is there', () => {
  const done: string[] = [];
  typeIn('title', () => void done.push('first'));
  typeIn('title', () => void done.push('second'));
  const { awaiting } = useDesk.getState();
  awaiting.forEach((act) => act(editor()));
  expect(done).toEqual(['first', 'second']);
});

test('another text forgets what waited for the one before', () => {
  typeIn('title', () => undefined);
  typeIn('other');
  expect(useDesk.getState().awaiting).toEqual([]);
});

test('typing in a cell says which one; in a plain text it does not', () => {
  typeInField('table', 'cell:r1:c1');
  expect(useDesk.getState().cell).toEqual({ itemId: 'table', field: 'cell:r1:c1' });
  typeIn('title');
  expect(useDesk.getState().cell).toEqual({ itemId: 'table', field: 'cell:r1:c1' });
});

test('a text is changed where it is marked while one types, else as a whole', () => {
  const typing = editor();
  typeIn('title');
  useDesk.setState({ textEditor: typing });
  const seen: Editor[] = [];
  withText('title', (each) => void seen.push(each));
  expect(seen).toEqual([typing]);
  expect(typing.commands.selectAll).not.toHaveBeenCalled();
  withText('other', (each) => void seen.push(each));
  const later = editor();
  useDesk.getState().awaiting.forEach((act) => act(later));
  expect(later.commands.selectAll).toHaveBeenCalledTimes(1);
  expect(seen).toEqual([typing, later]);
});

test('sections are folded away and unfolded one by one', () => {
  fold('one', true);
  fold('two', true);
  fold('one', false);
  expect([...useDesk.getState().folded]).toEqual(['two']);
});
