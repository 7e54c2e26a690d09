/** Choice: a question with lettered choices, of words or pictures. */
import { askingWithoutKey, readAsking } from '../model/asking.js';
import { isId } from '../model/identifiers.js';
import { choiceForms } from '../model/question-items.js';
import { readBoolean, readFields, readOneOf, readString, readStrings } from '../model/reading.js';
import { filledIn, type ItemKind, readPictureId } from './kind.js';

/** The most choices a question can have. */
export const MOST_CHOICES = 12;

export const choiceKind: ItemKind<'choice'> = {
  kind: 'choice',
  make: (base, fields) => ({ ...base, kind: 'choice', ...choiceKind.read(fields) }),
  size: { width: 640, height: 340 },
  read: (fields) => {
    const listed = Array.isArray(fields['choices']) ? fields['choices'] : [];
    const choices = listed.slice(0, MOST_CHOICES).flatMap((entry) => {
      const choice = readFields(entry);
      if (!isId(choice?.['id'])) return [];
      const picture = readPictureId(choice['picture']);
      return [{ id: choice['id'], text: readString(choice['text'], '', 300), ...(picture ? { picture } : {}) }];
    });
    return {
      ...readAsking(fields),
      prompt: readString(fields['prompt'], ''),
      form: readOneOf(fields['form'], choiceForms, 'own'),
      choices,
      several: readBoolean(fields['several'], false),
      shuffled: readBoolean(fields['shuffled'], false),
      right: readStrings(fields['right'], 40).filter((id) => choices.some((choice) => choice.id === id)),
    };
  },
  withoutKey: (item) => ({ ...askingWithoutKey(item), right: [] }),
  words: (item) => item.prompt,
  ...filledIn,
  asks: true,
  gates: ['answered', 'right'],
  contents: ({ choices }) => choices.flatMap(({ picture }) => (picture ? [{ as: 'picture', id: picture }] : [])),
  withoutContents: (item, gone) => ({
    ...item,
    choices: item.choices.map(({ picture, ...choice }) =>
      picture === undefined || gone.has(picture) ? choice : { ...choice, picture },
    ),
  }),
};
