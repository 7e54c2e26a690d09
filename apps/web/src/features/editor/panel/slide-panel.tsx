/** The panel while nothing is selected: the slide itself, or the slides chosen together. */
import { type Change, type ItemId, type Slide, type SlideId, slidesInOrder, stepEntries } from '@gobrel/core/deck';
import { endsOfItself } from '@gobrel/core/routes';
import { ChevronLeft, ChevronRight, ClipboardPaste, Copy, CopyPlus, Heading, Sprout, Trash2 } from 'lucide-react';
import { Button, Choose, Field, IconButton, LongField } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import type { SlideActions } from '../order/use-slide-actions';
import { AnsweredGroup } from './answered-group';
import { GroundGroup } from './ground-group';
import { ItemLinksGroup } from './item-links-group';
import { LayoutGroup } from './layout-group';
import { OpenLinks } from './open-links';
import { Group, SwitchRow } from './parts';
import { PlayingGroup } from './playing-group';
import { RoutesGroup } from './routes-group';
import { ThemeGroup } from './theme-group';

interface SlidePanelProps {
  readonly editing: Editing;
  /** The slides it is for, one at the least. */
  readonly ids: readonly SlideId[];
  /** Whether the map is what is looked at. */
  readonly onMap: boolean;
  readonly actions: SlideActions;
  /** Goes to an item of a slide. */
  readonly onGoTo: (slideId: SlideId, itemId: ItemId) => void;
  /** Keeps the slides as a template. */
  readonly onKeep: () => void;
}

export function SlidePanel({ editing, ids, onMap, actions, onGoTo, onKeep }: SlidePanelProps) {
  const { deck, run } = editing;
  const clip = useDesk((desk) => desk.slideClip);
  const slides = ids.flatMap((id) => deck.slides[id] ?? []);
  const [slide] = slides;
  const last = slides.at(-1);
  if (!slide || !last) return null;
  const isOne = slides.length === 1;
  const all = slidesInOrder(deck);
  const set = (fields: Partial<Omit<Slide, 'id'>>, of: readonly Slide[] = slides) =>
    run(of.map(({ id }): Change => ({ type: 'set-slide', id, fields })));
  /** What all of the slides have in common there; `null` when they differ. */
  const common = <T extends string | boolean>(read: (of: Slide) => T): T | null =>
    slides.every((each) => read(each) === read(slide)) ? read(slide) : null;
  const ends = isOne ? endsOfItself(deck, slide.id) : null;
  const earlier = stepEntries(deck, ids, 'earlier');
  const later = stepEntries(deck, ids, 'later');
  return (
    <>
      <h2 className="mb-1 pe-8 text-lg">
        {isOne ? messages.editor.thisSlide : messages.order.severalSlides({ count: slides.length })}
      </h2>
      <div className="-mx-1.5 mb-2 flex flex-wrap" role="group" aria-label={messages.editor.order}>
        <IconButton name={messages.editor.moveEarlier} disabled={earlier.length === 0} onClick={() => run(earlier)}>
          <ChevronLeft aria-hidden />
        </IconButton>
        <IconButton name={messages.editor.moveLater} disabled={later.length === 0} onClick={() => run(later)}>
          <ChevronRight aria-hidden />
        </IconButton>
        <IconButton
          name={isOne ? messages.editor.duplicateSlide : messages.order.duplicate}
          onClick={() => actions.duplicate(ids)}
        >
          <CopyPlus size={18} aria-hidden />
        </IconButton>
        <IconButton name={messages.order.copy} onClick={() => actions.copy(ids)}>
          <Copy size={18} aria-hidden />
        </IconButton>
        <IconButton
          name={messages.order.pasteAfter}
          disabled={clip === null}
          onClick={() => actions.paste(clip ?? '', last.id)}
        >
          <ClipboardPaste size={18} aria-hidden />
        </IconButton>
        <IconButton name={messages.order.beginSection} onClick={() => actions.beginSection(slide.id)}>
          <Heading size={18} aria-hidden />
        </IconButton>
        <IconButton
          name={isOne ? messages.editor.removeSlide : messages.order.remove}
          disabled={slides.length >= all.length}
          onClick={() => actions.remove(ids)}
          className="ms-auto text-berry"
        >
          <Trash2 size={18} aria-hidden />
        </IconButton>
      </div>
      {isOne ? (
        <div className="mb-2">
          <Field
            label={messages.editor.slideName}
            value={slide.name}
            maxLength={120}
            onChange={(event) => set({ name: event.target.value })}
          />
        </div>
      ) : (
        <p className="mb-4 text-sm text-soft">{messages.order.severalHint}</p>
      )}
      {isOne ? (
        <div className="mb-3">
          <LongField
            label={messages.editor.notes}
            hint={messages.editor.notesHint}
            rows={3}
            value={slide.notes}
            onChange={(event) => set({ notes: event.target.value })}
          />
        </div>
      ) : null}
      <OpenLinks deck={deck} onGo={onGoTo} />
      {isOne && onMap ? <ItemLinksGroup editing={editing} slideId={slide.id} /> : null}
      {isOne ? <LayoutGroup editing={editing} slide={slide} /> : null}
      {isOne ? <AnsweredGroup editing={editing} slideId={slide.id} /> : null}
      <GroundGroup deck={deck} slide={slide} onSet={set} onSetAll={(fields) => set(fields, all)} />
      <Group title={messages.editor.exits}>
        <Choose
          label={messages.editor.exits}
          value={common((each) => each.exits)}
          options={[
            { value: 'open', name: messages.editor.exitsOpen },
            { value: 'links-only', name: messages.editor.exitsLinks },
          ]}
          onChange={(exits) => set({ exits })}
        />
        {ends === null || slide.ending ? (
          <SwitchRow
            label={messages.routes.isEnding}
            on={common((each) => each.ending)}
            onChange={(ending) => set({ ending })}
          />
        ) : (
          <p className="text-sm">{messages.routes.endsOfItself[ends]}</p>
        )}
        <SwitchRow
          label={messages.editor.leftOut}
          on={common((each) => each.leftOut)}
          onChange={(leftOut) => set({ leftOut })}
        />
        <SwitchRow
          label={messages.order.showNumber}
          on={common((each) => each.numbered)}
          onChange={(numbered) => set({ numbered })}
        />
        {all.every((each) => each.numbered === slide.numbered) ? null : (
          <Button look="quiet" className="w-full" onClick={() => set({ numbered: slide.numbered }, all)}>
            {messages.order.onAll}
          </Button>
        )}
      </Group>
      <PlayingGroup editing={editing} slide={slide} onSet={set} />
      {isOne ? <ThemeGroup editing={editing} slideId={slide.id} /> : null}
      {isOne ? <RoutesGroup editing={editing} slideId={slide.id} /> : null}
      <Button className="w-full" onClick={onKeep}>
        <Sprout size={18} aria-hidden /> {messages.templates.keep}
      </Button>
    </>
  );
}
