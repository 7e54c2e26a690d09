/** To whom a deck is handed out: a class, or anybody with the code. */
import type { ClassView } from '@gobrel/contract';
import { messages } from '../../../shared/messages';

/** Stands for anybody with the code. */
export const ANYBODY = 'anybody';

interface ToWhomProps {
  readonly classes: readonly ClassView[];
  readonly chosen: string;
  readonly onChoose: (classId: string) => void;
}

export function ToWhom({ classes, chosen, onChoose }: ToWhomProps) {
  const says = messages.handOut;
  const choices = [
    ...classes.map(({ id, name, students }) => ({
      id,
      name,
      hint: messages.classes.count({ students: students.length }),
    })),
    { id: ANYBODY, name: says.anybody, hint: says.anybodyHint },
  ];
  return <Radios legend={says.toWhom} name="whom" choices={choices} chosen={chosen} onChoose={onChoose} isFirst />;
}

interface RadiosProps<T extends string> {
  readonly legend: string;
  readonly name: string;
  readonly choices: readonly { readonly id: T; readonly name: string; readonly hint: string }[];
  readonly chosen: T;
  readonly onChoose: (id: T) => void;
  /** Whether its dialog begins here. */
  readonly isFirst?: boolean;
}

/** A choice among a few, each with a hint. */
export function Radios<T extends string>({ legend, name, choices, chosen, onChoose, isFirst = false }: RadiosProps<T>) {
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{legend}</legend>
      {choices.map((choice) => (
        <label key={choice.id} className="flex min-h-11 items-center gap-3">
          <input
            type="radio"
            name={name}
            aria-label={choice.name}
            className="size-5 flex-none accent-tide"
            autoFocus={isFirst && choice.id === chosen}
            checked={choice.id === chosen}
            onChange={() => onChoose(choice.id)}
          />
          <span>
            {choice.name} <span className="text-sm text-soft">{choice.hint}</span>
          </span>
        </label>
      ))}
    </fieldset>
  );
}
