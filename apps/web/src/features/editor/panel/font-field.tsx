/** Choosing one of the fonts that slides may be set in. */
import { type FontName, fontNames, isFontName } from '@gobrel/core/deck';
import { messages } from '../../../shared/messages';

interface FontFieldProps {
  readonly label: string;
  readonly value: FontName;
  readonly onChange: (font: FontName) => void;
}

export function FontField({ label, value, onChange }: FontFieldProps) {
  return (
    <label className="flex min-h-11 items-center gap-2 rounded-md border border-edge bg-card px-2">
      <span className="text-sm text-soft">{label}</span>
      <select
        className="min-h-10 min-w-0 flex-1 bg-card font-semibold"
        value={value}
        onChange={({ target }) => isFontName(target.value) && onChange(target.value)}
      >
        {fontNames.map((font) => (
          <option key={font} value={font}>
            {messages.editor.fonts[font]}
          </option>
        ))}
      </select>
    </label>
  );
}
