/** The panel while nothing is selected: the slide itself. */
import {
  type Change,
  duplicateSlide,
  moveSlides,
  newId,
  removeSlide,
  type Slide,
  slidesInOrder,
} from '@gobrel/core/deck';
import { linksTo } from '@gobrel/core/routes';
import { ChevronLeft, ChevronRight, Copy, Trash2 } from 'lucide-react';
import { Choose, Field, IconButton, LongField, tell } from '../../../ui';
import { words } from '../../../words';
import type { Editing } from '../editing';
import { LayoutGroup } from './layout-group';
import { ThemeGroup } from './theme-group';
import { Colours } from './colours';
import { Group } from './parts';

interface SlidePanelProps {
  readonly editing: Editing;
  readonly slide: Slide;
  readonly onGo: (slideId: string) => void;
}

export function SlidePanel({ editing, slide, onGo }: SlidePanelProps) {
  const { deck, run, undo } = editing;
  const set = (fields: Partial<Omit<Slide, 'id'>>) =>
    run([{ type: 'set-slide', id: slide.id, fields } satisfies Change]);
  const order = slidesInOrder(deck);
  const place = order.findIndex((other) => other.id === slide.id);
  const duplicate = () => {
    const id = newId();
    run(duplicateSlide(deck, slide.id, { id, name: slide.name && words.editor.copyOf(slide.name) }));
    onGo(id);
  };
  const remove = () => {
    const leading = linksTo(deck, slide.id).filter((link) => link.from !== slide.id).length;
    const next = order[place + 1] ?? order[place - 1];
    run(removeSlide(deck, slide.id));
    if (next) onGo(next.id);
    tell(words.editor.slideRemoved(slide.name, leading), { action: { name: words.library.takeBack, run: undo } });
  };
  return (
    <>
      <h2 className="mb-3 text-lg">{words.editor.thisSlide}</h2>
      <div className="mb-4">
        <Field
          label={words.editor.slideName}
          value={slide.name}
          maxLength={120}
          onChange={(event) => set({ name: event.target.value })}
        />
      </div>
      <LayoutGroup editing={editing} slide={slide} />
      <Group title={words.editor.exits}>
        <Choose
          label={words.editor.exits}
          value={slide.exits}
          options={[
            { value: 'open', name: words.editor.exitsOpen },
            { value: 'links-only', name: words.editor.exitsLinks },
          ]}
          onChange={(exits) => set({ exits })}
        />
      </Group>
      <Group title={words.editor.inShow}>
        <Choose
          label={words.editor.inShow}
          value={slide.leftOut ? 'out' : 'in'}
          options={[
            { value: 'in', name: words.editor.shown },
            { value: 'out', name: words.editor.leftOut },
          ]}
          onChange={(choice) => set({ leftOut: choice === 'out' })}
        />
      </Group>
      <ThemeGroup editing={editing} />
      <Group title={words.editor.ground}>
        <Colours
          theme={deck.theme}
          label={words.editor.ground}
          value={slide.background}
          onChange={(background) => set({ background })}
        />
      </Group>
      <Group title={words.editor.order}>
        <div className="flex gap-1">
          <IconButton
            name={words.editor.moveEarlier}
            disabled={place <= 0}
            onClick={() => run(moveSlides(deck, [slide.id], place - 1))}
          >
            <ChevronLeft aria-hidden />
          </IconButton>
          <IconButton
            name={words.editor.moveLater}
            disabled={place >= order.length - 1}
            onClick={() => run(moveSlides(deck, [slide.id], place + 1))}
          >
            <ChevronRight aria-hidden />
          </IconButton>
          <IconButton name={words.editor.duplicateSlide} onClick={duplicate}>
            <Copy size={18} aria-hidden />
          </IconButton>
          <IconButton
            name={words.editor.removeSlide}
            disabled={order.length <= 1}
            onClick={remove}
            className="text-berry"
          >
            <Trash2 size={18} aria-hidden />
          </IconButton>
        </div>
      </Group>
      <LongField
        label={words.editor.notes}
        hint={words.editor.notesHint}
        rows={4}
        value={slide.notes}
        onChange={(event) => set({ notes: event.target.value })}
      />
    </>
  );
}
