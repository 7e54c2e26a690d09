/** Choosing one of the fonts that slides may be set in. */
import { type FontName, fontNames, isFontName } from '@gobrel/core/deck';
import { messages } from '../../../shared/messages';
import { PickField } from './parts';

interface FontFieldProps {
  readonly label: string;
  readonly value: FontName;
  readonly onChange: (font: FontName) => void;
}

export function FontField({ label, value, onChange }: FontFieldProps) {
  return (
    <PickField label={label} value={value} onChange={(font) => isFontName(font) && onChange(font)}>
      {fontNames.map((font) => (
        <option key={font} value={font}>
          {messages.editor.fonts[font]}
        </option>
      ))}
    </PickField>
  );
}
