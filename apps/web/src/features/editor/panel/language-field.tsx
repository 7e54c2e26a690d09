/** Choosing the language of a deck or of one text: for spelling, breaking words, and reading aloud. */
import { type Language, offeredLanguages, readLanguage } from '@gobrel/core/deck';
import { byName, languageName, messages } from '../../../shared/messages';
import { PickField } from './parts';

interface LanguageFieldProps {
  readonly label: string;
  readonly value: Language | null;
  /** What it says when none is chosen. */
  readonly none: string;
  readonly onChange: (language: Language | null) => void;
}

export function LanguageField({ label, value, none, onChange }: LanguageFieldProps) {
  const known = value === null || offeredLanguages.includes(value) ? offeredLanguages : [...offeredLanguages, value];
  const named = byName(known.map((language) => ({ language, name: languageName(language) })));
  return (
    <PickField
      label={label}
      shown={messages.editor.language}
      value={value ?? ''}
      onChange={(language) => onChange(readLanguage(language))}
    >
      <option value="">{none}</option>
      {named.map(({ language, name }) => (
        <option key={language} value={language}>
          {name}
        </option>
      ))}
    </PickField>
  );
}
