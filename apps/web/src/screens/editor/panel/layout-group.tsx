/** The layout of a slide, and the size of all slides. */
import { type Refitting, setLayout, setSlideSize, type Slide, type SlideSizeName, slideSizes } from '@gobrel/core/deck';
import { LayoutTemplate } from 'lucide-react';
import { useState } from 'react';
import { Button, Choose, Dialog, Popover } from '../../../ui';
import { words } from '../../../words';
import type { Editing } from '../editing';
import { LayoutPicker } from '../layout-picker';
import { Group } from './parts';

export function LayoutGroup({ editing, slide }: { editing: Editing; slide: Slide }) {
  const { deck, run } = editing;
  const [open, setOpen] = useState(false);
  const [sizing, setSizing] = useState(false);
  return (
    <Group title={words.editor.layout}>
      <div className="flex gap-1">
        <Popover
          label={words.editor.layout}
          side="left"
          open={open}
          onOpenChange={setOpen}
          trigger={
            <Button
              className="min-w-0 flex-1 !justify-start !px-2.5"
              aria-label={`${words.editor.layout}: ${words.layouts[slide.layout]}`}
            >
              <LayoutTemplate size={18} aria-hidden className="flex-none" />
              <span className="truncate">{words.layouts[slide.layout]}</span>
            </Button>
          }
        >
          <LayoutPicker
            label={words.editor.layout}
            size={deck.size}
            value={slide.layout}
            onPick={(layout) => {
              setOpen(false);
              run(setLayout(deck, slide.id, layout));
            }}
          />
        </Popover>
        <Button className="!px-2.5" onClick={() => setSizing(true)} aria-label={words.editor.slideSize}>
          {words.editor.sizeNames[deck.size]}
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
    <Dialog title={words.editor.slideSize} open onClose={onClose}>
      <p className="mb-1 font-semibold">{words.editor.refitting}</p>
      <Choose
        label={words.editor.refitting}
        value={refitting}
        options={(['scale', 'keep'] as const).map((value) => ({ value, name: words.editor.refittings[value] }))}
        onChange={setRefitting}
      />
      <div className="mt-4 grid grid-cols-3 gap-2">
        {(Object.keys(slideSizes) as SlideSizeName[]).map((size) => (
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
            {words.editor.sizeNames[size]}
          </Button>
        ))}
      </div>
    </Dialog>
  );
}
