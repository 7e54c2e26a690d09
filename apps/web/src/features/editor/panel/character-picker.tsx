/** Characters that no key types, to put into a text: signs, arrows, letters with accents, small pictures. */
import { Omega } from 'lucide-react';
import { useState } from 'react';
import { IconButton, Popover } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { characters, namesIn } from '@gobrel/core/deck';

export function CharacterPicker({ onPick }: { onPick: (character: string) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <Popover
      label={messages.editor.characters}
      side="left"
      open={open}
      onOpenChange={setOpen}
      trigger={
        <IconButton name={messages.editor.characters} onMouseDown={(event) => event.preventDefault()}>
          <Omega size={18} aria-hidden />
        </IconButton>
      }
    >
      <div className="w-[360px] max-w-full">
        {namesIn(characters).map((kind) => (
          <section key={kind} className="mb-2">
            <h3 className="font-sans text-sm font-semibold text-soft">{messages.editor.characterKinds[kind]}</h3>
            <div className="flex flex-wrap">
              {characters[kind].map((character) => (
                <button
                  key={character}
                  type="button"
                  onMouseDown={(event) => event.preventDefault()}
                  onClick={() => {
                    onPick(character);
                    setOpen(false);
                  }}
                  className="size-9 rounded-md text-lg hover:bg-rule/50 pointer-coarse:size-11"
                >
                  {character}
                </button>
              ))}
            </div>
          </section>
        ))}
      </div>
    </Popover>
  );
}
