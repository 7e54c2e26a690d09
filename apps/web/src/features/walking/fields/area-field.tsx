/** An open area below its slide: texts are written here; what is placed and drawn shows on the slide. */
import type { OpenAreaItem } from '@gobrel/core/deck';
import { workLimits } from '@gobrel/core/work';
import { type FillIn, canAnswer } from '@gobrel/slide-view';
import { Pencil, Plus, Trash2 } from 'lucide-react';
import { Button, IconButton } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

interface AreaFieldProps {
  readonly item: OpenAreaItem;
  readonly fillIn: FillIn;
  readonly onLarger: () => void;
}

export function AreaField({ item, fillIn, onLarger }: AreaFieldProps) {
  const { adding } = messages.onSlides;
  const mine = Object.entries(fillIn.work.added).filter(([, { areaId }]) => areaId === item.id);
  const open = canAnswer(fillIn, item.id);
  const { askToAdd } = fillIn;
  return (
    <section aria-label={item.hint || messages.kinds['open-area']}>
      <h2 className="font-sans text-[17px]">{item.hint || messages.kinds['open-area']}</h2>
      <ul className="mt-2 flex flex-col gap-2">
        {mine.map(([id, added]) => (
          <li key={id} className="flex items-start gap-1">
            {added.kind === 'text' ? (
              <textarea
                className="min-h-12 min-w-0 flex-1 rounded-md border-2 border-edge bg-card p-2 text-[17px] [field-sizing:content]"
                aria-label={messages.onSlides.yourText}
                placeholder={messages.onSlides.yourText}
                readOnly={!open}
                value={added.text}
                onChange={(event) => {
                  const text = event.target.value;
                  if (text.length > workLimits.added)
                    fillIn.warn(messages.onSlides.tooLong({ most: workLimits.added }));
                  else fillIn.setAddedText(id, text);
                }}
                // A text that was just added is written at once.
                autoFocus={added.text === ''}
              />
            ) : (
              <span className="min-w-0 flex-1 self-center">{added.alt || adding.unnamed[added.kind]}</span>
            )}
            {open ? (
              <IconButton name={adding.remove} onClick={() => fillIn.removeAdded(id)}>
                <Trash2 size={18} aria-hidden />
              </IconButton>
            ) : null}
          </li>
        ))}
      </ul>
      {open ? (
        <div role="toolbar" aria-label={messages.fields.add} className="mt-2 flex flex-wrap gap-2">
          <Button onClick={() => fillIn.addText(item.id)}>
            <Plus size={18} aria-hidden /> {adding.text}
          </Button>
          {askToAdd
            ? (['picture', 'camera', 'sign'] as const).map((what) => (
                <Button key={what} onClick={() => askToAdd(item.id, what)}>
                  {adding[what]}
                </Button>
              ))
            : null}
          <Button look="quiet" onClick={onLarger}>
            <Pencil size={18} aria-hidden /> {messages.fields.onSlide}
          </Button>
        </div>
      ) : null}
    </section>
  );
}
