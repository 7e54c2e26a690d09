/** Choosing a text style of the theme, and the weight of letters. */
import { type TextStyleName, textStyleNames, weights } from '@gobrel/core/deck';
import { Button } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

const around = 'flex min-h-11 items-center gap-2 rounded-md border border-edge bg-card px-2';
const inside = 'min-h-10 min-w-0 flex-1 bg-card font-semibold';

interface StyleFieldProps {
  readonly value: TextStyleName | null;
  /** Whether the text has something of its own beside its style. */
  readonly isChanged: boolean;
  readonly onChange: (style: TextStyleName | null) => void;
}

export function StyleField({ value, isChanged, onChange }: StyleFieldProps) {
  return (
    <div className="mb-2">
      <label className={around}>
        <span className="text-sm text-soft">{messages.textStyles.field}</span>
        <select
          aria-label={messages.textStyles.field}
          className={inside}
          value={value ?? ''}
          onChange={(event) => onChange(textStyleNames.find((name) => name === event.target.value) ?? null)}
        >
          <option value="">{messages.textStyles.none}</option>
          {textStyleNames.map((name) => (
            <option key={name} value={name}>
              {messages.textStyles.names[name]}
            </option>
          ))}
        </select>
      </label>
      {value !== null && isChanged ? (
        <Button look="quiet" className="w-full" onClick={() => onChange(value)}>
          {messages.textStyles.backTo({ style: messages.textStyles.names[value] })}
        </Button>
      ) : null}
    </div>
  );
}

interface WeightFieldProps {
  readonly value: number | null;
  readonly onChange: (weight: number | null) => void;
}

export function WeightField({ value, onChange }: WeightFieldProps) {
  return (
    <label className={around}>
      <span className="text-sm text-soft">{messages.textStyles.weight}</span>
      <select
        aria-label={messages.textStyles.weight}
        className={inside}
        value={value ?? ''}
        onChange={(event) => onChange(weights.find((weight) => String(weight) === event.target.value) ?? null)}
      >
        <option value="">{messages.textStyles.usualWeight}</option>
        {weights.map((weight) => (
          <option key={weight} value={weight}>
            {messages.textStyles.weights[weight]}
          </option>
        ))}
      </select>
    </label>
  );
}
