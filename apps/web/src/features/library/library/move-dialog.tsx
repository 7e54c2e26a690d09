/** Puts decks into a unit, into a new one, or into none. */
import type { DeckSummary, UnitView } from '@gobrel/contract';
import { useState } from 'react';
import { Button, Dialog, Field } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Library } from './use-library';

interface MoveDialogProps {
  readonly decks: readonly DeckSummary[];
  readonly units: readonly UnitView[];
  readonly library: Library;
  readonly onClose: () => void;
}

export function MoveDialog({ decks, units, library, onClose }: MoveDialogProps) {
  const says = messages.library;
  const [name, setName] = useState('');
  const move = (unitId: string | null) => {
    library.shelve.mutate({ decks, unitId });
    onClose();
  };
  const present = decks.every(({ unitId }) => unitId === decks[0]?.unitId) ? decks[0]?.unitId : undefined;
  return (
    <Dialog title={says.moveTitle({ count: decks.length })} open onClose={onClose}>
      <ul className="max-h-80 overflow-y-auto">
        {[...units, { id: null, name: says.noUnit }].map((unit) => (
          <li key={unit.id}>
            <button
              type="button"
              aria-pressed={unit.id === present}
              className={`min-h-11 w-full rounded-md px-3 text-start font-semibold hover:bg-rule/50 ${unit.id === present ? 'bg-dusk-wash' : ''}`}
              onClick={() => move(unit.id)}
            >
              {unit.name}
            </button>
          </li>
        ))}
      </ul>
      <form
        className="mt-3 flex items-end gap-2 border-t border-rule pt-3"
        onSubmit={(event) => {
          event.preventDefault();
          library.makeUnit.mutate(name.trim(), { onSuccess: ({ id }) => move(id) });
        }}
      >
        <div className="flex-1">
          <Field label={says.newUnit} maxLength={80} value={name} onChange={(event) => setName(event.target.value)} />
        </div>
        <Button type="submit" className="mb-1" disabled={name.trim() === '' || library.makeUnit.isPending}>
          {says.createAndMove}
        </Button>
      </form>
    </Dialog>
  );
}
