/** Drawing the regions that are right: on the picture itself by dragging, or in numbers. */
import { groundRatio, newId, type PointItem, type Region } from '@gobrel/core/deck';
import { usePointerDrag } from '@gobrel/slide-view';
import { Plus, X } from 'lucide-react';
import { useRef, useState } from 'react';
import { pictureUrl } from '../../../../shared/api';
import { Button, Choose, Dialog, IconButton } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import { NumberField } from '../parts';
import type { SetFields } from './fields';
import { drawnRegion, movedRegion } from './region-drag';

/** A region that is narrower or lower than this was drawn by a press that trembled; a share of the picture. */
const LEAST = 0.01;

interface RegionsDialogProps {
  readonly item: PointItem;
  readonly set: SetFields;
  readonly onClose: () => void;
}

/** A drag on the picture: of a region that is there, or of a new one from where it began. */
interface Drag {
  readonly region: Region;
  readonly isNew: boolean;
  readonly from: { readonly x: number; readonly y: number };
}

export function RegionsDialog({ item, set, onClose }: RegionsDialogProps) {
  const says = messages.questions;
  const area = useRef<HTMLDivElement>(null);
  const [shown, setShown] = useState<Region | null>(null);
  const { regions } = item;
  const put = (region: Region) => {
    const isThere = regions.some(({ id }) => id === region.id);
    set({ regions: isThere ? regions.map((one) => (one.id === region.id ? region : one)) : [...regions, region] });
  };
  const placeOf = (event: { readonly clientX: number; readonly clientY: number }) => {
    const box = area.current?.getBoundingClientRect();
    const share = (at: number, from: number, size: number) => Math.min(1, Math.max(0, (at - from) / size));
    return box && box.width > 0
      ? { x: share(event.clientX, box.left, box.width), y: share(event.clientY, box.top, box.height) }
      : { x: 0, y: 0 };
  };
  const regionAt = ({ region, isNew, from }: Drag, event: PointerEvent) =>
    isNew ? drawnRegion(region, from, placeOf(event)) : movedRegion(region, from, placeOf(event));
  const onPointerDown = usePointerDrag<HTMLDivElement, Drag>({
    begin: (press) => {
      const from = placeOf(press);
      const held = press.target instanceof Element ? press.target.closest<HTMLElement>('[data-region]') : null;
      const region = regions.find(({ id }) => id === held?.dataset['region']);
      const fresh: Region = { id: newId(), shape: 'oval', ...from, width: 0, height: 0 };
      return { region: region ?? fresh, isNew: !region, from };
    },
    move: (event, _by, drag) => setShown(regionAt(drag, event)),
    drop: (event, _by, drag) => {
      const region = regionAt(drag, event);
      if (region.width > LEAST && region.height > LEAST) put(region);
      setShown(null);
    },
    breakOff: () => setShown(null),
  });
  const drawn = shown ? [...regions.filter(({ id }) => id !== shown.id), shown] : regions;
  const percent = (share: number) => `${share * 100}%`;
  return (
    <Dialog title={says.regionsTitle} open onClose={onClose} wide>
      <p className="mb-2 text-soft">
        {says.regionsHelp} {item.mark === 'line' || item.mark === 'arrow' ? says.startsAt : ''}
      </p>
      <div
        ref={area}
        className="relative mx-auto cursor-crosshair touch-none select-none border border-edge bg-paper"
        style={{ aspectRatio: groundRatio(item), maxHeight: '46vh' }}
        onPointerDown={onPointerDown}
      >
        {item.picture === '' ? null : (
          <img
            src={pictureUrl(item.picture)}
            alt={item.alt}
            draggable={false}
            className="pointer-events-none absolute inset-0 size-full object-contain"
          />
        )}
        {drawn.map((region, at) => (
          <span
            key={region.id}
            data-region={region.id}
            className={`absolute flex items-center justify-center border-2 border-dashed border-reed bg-reed/25 font-bold text-ink ${region.shape === 'oval' ? 'rounded-[50%]' : ''}`}
            style={{
              left: percent(region.x),
              top: percent(region.y),
              width: percent(region.width),
              height: percent(region.height),
            }}
          >
            {at + 1}
          </span>
        ))}
      </div>
      <ol className="mt-3 grid gap-2">
        {regions.map((region, at) => (
          <li key={region.id} aria-label={says.region({ place: at + 1 })} className="flex flex-wrap items-center gap-1">
            <strong className="w-6 text-center">{at + 1}</strong>
            <span className="w-36">
              <Choose
                label={says.region({ place: at + 1 })}
                value={region.shape}
                options={[
                  { value: 'oval', name: says.oval },
                  { value: 'box', name: says.box },
                ]}
                onChange={(shape) => put({ ...region, shape })}
              />
            </span>
            {(
              [
                ['x', says.across],
                ['y', says.down],
                ['width', says.wide],
                ['height', says.high],
              ] as const
            ).map(([side, label]) => (
              <NumberField
                key={side}
                label={`${says.region({ place: at + 1 })}: ${label}`}
                shown={label}
                value={region[side] * 100}
                least={0}
                most={100}
                onChange={(value) => put({ ...region, [side]: Math.min(1, Math.max(0, value / 100)) })}
              />
            ))}
            <IconButton
              name={says.removeRegion({ place: at + 1 })}
              onClick={() => set({ regions: regions.filter(({ id }) => id !== region.id) })}
            >
              <X size={18} aria-hidden />
            </IconButton>
          </li>
        ))}
      </ol>
      <Button
        className="mt-2"
        onClick={() => put({ id: newId(), shape: 'oval', x: 0.4, y: 0.4, width: 0.2, height: 0.2 })}
      >
        <Plus size={18} aria-hidden /> {says.addRegion}
      </Button>
    </Dialog>
  );
}
