/** Toasts: what happened, with a way to take it back where there is one. */
import { X } from 'lucide-react';
import { Toast as Radix } from 'radix-ui';
import { create } from 'zustand';
import { messages } from '../messages';

interface ToastNote {
  readonly id: number;
  readonly text: string;
  readonly tone: 'plain' | 'trouble';
  readonly action: { readonly name: string; readonly run: () => void } | null;
}

interface ToastStore {
  readonly notes: readonly ToastNote[];
  readonly count: number;
}

const useToasts = create<ToastStore>(() => ({ notes: [], count: 0 }));

/** Shows a note for some seconds; gives a way to take it away before. */
export function showToast(
  text: string,
  options: { tone?: ToastNote['tone']; action?: ToastNote['action'] } = {},
): () => void {
  const id = useToasts.getState().count;
  useToasts.setState(({ notes }) => ({
    count: id + 1,
    notes: [
      ...notes.filter((note) => note.text !== text).slice(-2),
      { id, text, tone: options.tone ?? 'plain', action: options.action ?? null },
    ],
  }));
  return () => drop(id);
}

function drop(id: number): void {
  useToasts.setState(({ notes }) => ({ notes: notes.filter((note) => note.id !== id) }));
}

/** Where toasts appear; once in the application. */
export function Toasts() {
  const notes = useToasts((store) => store.notes);
  return (
    <Radix.Provider duration={8000} label={messages.common.note}>
      {notes.map((note) => (
        <Radix.Root
          key={note.id}
          onOpenChange={(open) => (open ? undefined : drop(note.id))}
          className={`flex items-center gap-3 rounded-md border bg-card py-1.5 ps-4 pe-1.5 ${note.tone === 'trouble' ? 'border-berry' : 'border-edge'}`}
        >
          <Radix.Description className={note.tone === 'trouble' ? 'flex-1 text-berry' : 'flex-1'}>
            {note.text}
          </Radix.Description>
          {note.action ? (
            <Radix.Action
              altText={note.action.name}
              onClick={note.action.run}
              className="min-h-11 rounded-md px-3 font-semibold text-tide hover:bg-rule/50"
            >
              {note.action.name}
            </Radix.Action>
          ) : null}
          <Radix.Close
            aria-label={messages.common.close}
            className="inline-flex size-11 items-center justify-center rounded-md hover:bg-rule/50"
          >
            <X size={18} aria-hidden />
          </Radix.Close>
        </Radix.Root>
      ))}
      <Radix.Viewport
        label={messages.common.notesKey({ hotkey: '{hotkey}' })}
        className="fixed left-1/2 top-16 z-50 flex w-[min(94vw,34rem)] -translate-x-1/2 flex-col gap-2"
      />
    </Radix.Provider>
  );
}
