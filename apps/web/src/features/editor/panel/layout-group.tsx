/** The layout of a slide, and the size of all slides. */
import {
  type Deck,
  OWN_SIZE,
  type Refitting,
  setLayout,
  setSlideSize,
  sizeOf,
  type Slide,
  type SlideSize,
  slideSizes,
  namesIn,
} from '@gobrel/core/deck';
import { LayoutTemplate } from 'lucide-react';
import { useState } from 'react';
import { Button, Choose, Dialog, Popover } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { LayoutPicker } from '../palette/layout-picker';
import { Group, NumberField } from './parts';

export function LayoutGroup({ editing, slide }: { editing: Editing; slide: Slide }) {
  const { deck, run } = editing;
  const [open, setOpen] = useState(false);
  const [sizing, setSizing] = useState(false);
  return (
    <Group title={messages.editor.layout}>
      <div className="flex gap-1">
        <Popover
          label={messages.editor.layout}
          side="left"
          open={open}
          onOpenChange={setOpen}
          trigger={
            <Button
              className="min-w-0 flex-1 !justify-start !px-2.5"
              aria-label={`${messages.editor.layout}: ${messages.layouts[slide.layout]}`}
            >
              <LayoutTemplate size={18} aria-hidden className="flex-none" />
              <span className="truncate">{messages.layouts[slide.layout]}</span>
            </Button>
          }
        >
          <LayoutPicker
            label={messages.editor.layout}
            size={deck.size}
            value={slide.layout}
            onPick={(layout) => {
              setOpen(false);
              run(setLayout(deck, slide.id, layout));
            }}
          />
        </Popover>
        <Button className="!px-2.5" onClick={() => setSizing(true)} aria-label={messages.editor.slideSize}>
          {sizeName(deck)}
        </Button>
      </div>
      {sizing ? <SizeDialog editing={editing} onClose={() => setSizing(false)} /> : null}
    </Group>
  );
}

function SizeDialog({ editing, onClose }: { editing: Editing; onClose: () => void }) {
  const { deck, run } = editing;
  const [refitting, setRefitting] = useState<Refitting>('scale');
  return (
    <Dialog title={messages.editor.slideSize} open onClose={onClose}>
      <p className="mb-1 font-semibold">{messages.editor.refitting}</p>
      <Choose
        label={messages.editor.refitting}
        value={refitting}
        options={(['scale', 'keep'] as const).map((value) => ({ value, name: messages.editor.refittings[value] }))}
        onChange={setRefitting}
      />
      <div className="mt-4 grid grid-cols-3 gap-2">
        {namesIn(slideSizes).map((size) => (
          <Button
            key={size}
            aria-pressed={deck.size === size}
            className={`flex-col !py-3 ${deck.size === size ? '!border-dusk bg-dusk-wash' : ''}`}
            onClick={() => {
              run(setSlideSize(deck, size, refitting));
              onClose();
            }}
          >
            <span
              aria-hidden
              className="border-2 border-current"
              style={{ width: slideSizes[size].width / 24, height: slideSizes[size].height / 24 }}
            />
            {messages.slides.sizeNames[size]}
          </Button>
        ))}
      </div>
      <OwnSize
        deck={deck}
        onPick={(size) => {
          run(setSlideSize(deck, size, refitting));
          onClose();
        }}
      />
    </Dialog>
  );
}

function sizeName({ size }: Deck): string {
  return typeof size === 'string'
    ? messages.slides.sizeNames[size]
    : messages.editor.sizeOf({ width: size.width, height: size.height });
}

/** A size of one's own, for very large slides that the show travels over. */
function OwnSize({ deck, onPick }: { deck: Deck; onPick: (size: SlideSize) => void }) {
  const [size, setSize] = useState(sizeOf(deck));
  const { least, most } = OWN_SIZE;
  const within = (value: number) => Math.round(Math.min(most, Math.max(least, value)));
  return (
    <fieldset className="mt-4 border-t border-rule pt-3">
      <legend className="spoken">{messages.editor.ownSize}</legend>
      <p className="mb-1 font-semibold">{messages.editor.ownSize}</p>
      <div className="flex flex-wrap items-center gap-2">
        <NumberField
          label={messages.editor.wide}
          value={size.width}
          least={least}
          most={most}
          onChange={(width) => setSize({ ...size, width })}
        />
        <NumberField
          label={messages.editor.high}
          value={size.height}
          least={least}
          most={most}
          onChange={(height) => setSize({ ...size, height })}
        />
        <Button onClick={() => onPick({ width: within(size.width), height: within(size.height) })}>
          {messages.editor.useSize}
        </Button>
      </div>
      <p className="mt-1 text-sm text-soft">{messages.editor.ownSizeHint({ least, most })}</p>
    </fieldset>
  );
}
