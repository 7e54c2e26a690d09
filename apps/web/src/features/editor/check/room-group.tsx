/** What the check goes by: the room, the class, and the time there is. */
import { leastLetters, timeToWork } from '@gobrel/core/checks';
import type { CheckSettings } from '@gobrel/core/deck';
import { messages } from '../../../shared/messages';
import { FoldedGroup, NumberField, PickField, POINTS } from '../panel/parts';
import type { Editing } from '../state/editing';

const YEARS = Array.from({ length: 13 }, (_, at) => at + 1);
const MINUTES = [10, 15, 20, 30, 40, 45, 50, 60, 80, 90, 120];

export function RoomGroup({ editing: { deck, run } }: { editing: Editing }) {
  const says = messages.checks;
  const { check } = deck;
  const set = (fields: Partial<CheckSettings>) =>
    run([{ type: 'set-deck', fields: { check: { ...check, ...fields } } }]);
  const takes = Math.round(timeToWork(deck) / 60);
  return (
    <div className="mt-3">
      <FoldedGroup id="check-room" title={says.settings}>
        <div className="flex flex-col gap-1.5">
          <NumberField
            label={says.screenWidth}
            value={check.screenWidth}
            least={0.3}
            most={20}
            step={0.1}
            onChange={(screenWidth) => set({ screenWidth: Math.min(20, Math.max(0.3, screenWidth)) })}
          />
          <NumberField
            label={says.distance}
            value={check.distance}
            least={0.3}
            most={60}
            step={0.5}
            onChange={(distance) => set({ distance: Math.min(60, Math.max(0.3, distance)) })}
          />
          <p className="text-sm text-soft">{says.needs({ points: Math.ceil(leastLetters(deck, check) * POINTS) })}</p>
          <Maybe
            label={says.schoolYears}
            value={check.schoolYears}
            choices={YEARS}
            onChange={(schoolYears) => set({ schoolYears })}
          />
          <Maybe
            label={says.minutes}
            value={check.minutes}
            choices={MINUTES}
            onChange={(minutes) => set({ minutes })}
          />
          <p className="text-sm text-soft">{says.takes({ minutes: Math.max(1, takes) })}</p>
        </div>
      </FoldedGroup>
    </div>
  );
}

interface MaybeProps {
  readonly label: string;
  readonly value: number | null;
  readonly choices: readonly number[];
  readonly onChange: (value: number | null) => void;
}

/** A number, or nothing said. */
function Maybe({ label, value, choices, onChange }: MaybeProps) {
  return (
    <PickField
      label={label}
      value={value === null ? '' : String(value)}
      onChange={(chosen) => onChange(chosen === '' ? null : Number(chosen))}
    >
      <option value="">{messages.checks.notSet}</option>
      {[...new Set(value === null ? choices : [...choices, value])]
        .sort((a, b) => a - b)
        .map((each) => (
          <option key={each} value={each}>
            {each}
          </option>
        ))}
    </PickField>
  );
}
