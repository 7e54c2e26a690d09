/** Choosing a text style of the theme, and the weight of letters. */
import { type TextStyleName, textStyleNames, weights } from '@gobrel/core/deck';
import { Button } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { PickField } from './parts';

interface StyleFieldProps {
  readonly value: TextStyleName | null;
  /** Whether the text has something of its own beside its style. */
  readonly isChanged: boolean;
  readonly onChange: (style: TextStyleName | null) => void;
}

export function StyleField({ value, isChanged, onChange }: StyleFieldProps) {
  return (
    <div>
      <PickField
        label={messages.textStyles.field}
        value={value ?? ''}
        onChange={(picked) => onChange(textStyleNames.find((name) => name === picked) ?? null)}
      >
        <option value="">{messages.textStyles.none}</option>
        {textStyleNames.map((name) => (
          <option key={name} value={name}>
            {messages.textStyles.names[name]}
          </option>
        ))}
      </PickField>
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
    <PickField
      label={messages.textStyles.weight}
      value={String(value ?? '')}
      onChange={(picked) => onChange(weights.find((weight) => String(weight) === picked) ?? null)}
    >
      <option value="">{messages.textStyles.usualWeight}</option>
      {weights.map((weight) => (
        <option key={weight} value={weight}>
          {messages.textStyles.weights[weight]}
        </option>
      ))}
    </PickField>
  );
}
