/** What a card for a link to the web says, and where it leads. */
import { setItemFields, setLink, type WebCardItem, webDestination } from '@gobrel/core/deck';
import { ImageOff, ImagePlus } from 'lucide-react';
import { useState } from 'react';
import { messages } from '../../../shared/messages';
import { Field, IconButton } from '../../../shared/ui';
import { SwitchRow } from '../panel/parts';
import { PictureButton } from '../panel/questions/picture-button';
import type { Editing } from '../state/editing';

export function WebCardGroup({ editing: { deck, run }, item }: { editing: Editing; item: WebCardItem }) {
  const says = messages.webCards;
  const set = (fields: Parameters<typeof setItemFields>[2]) => run(setItemFields(deck, item.id, fields));
  const address = item.link?.to === 'web' ? item.link.address : '';
  // What is typed stays as it is typed until the field is left.
  const [typed, setTyped] = useState<string | null>(null);
  const isWrong = typed !== null && typed.trim() !== '' && webDestination(typed) === null;
  return (
    <div className="flex flex-col gap-3">
      <Field
        label={says.address}
        hint={says.addressHint}
        {...(isWrong ? { fault: says.notAnAddress } : {})}
        inputMode="url"
        autoFocus={address === ''}
        value={typed ?? address}
        onChange={({ target }) => {
          setTyped(target.value);
          const to = webDestination(target.value);
          if (to) run(setLink(deck, item.id, to));
        }}
        onBlur={() => setTyped(null)}
      />
      <Field
        label={says.title}
        value={item.title}
        maxLength={200}
        onChange={({ target }) => set({ title: target.value })}
      />
      <Field
        label={says.note}
        value={item.note}
        maxLength={300}
        onChange={({ target }) => set({ note: target.value })}
      />
      <div className="flex items-center justify-between">
        <span className="font-semibold">{says.picture}</span>
        <span className="flex">
          <PictureButton
            name={says.addPicture}
            onPicture={({ id, width, height }) => set({ picture: id, pixels: { width, height } })}
          >
            <ImagePlus size={18} aria-hidden />
          </PictureButton>
          {item.picture === '' ? null : (
            <IconButton name={says.removePicture} onClick={() => set({ picture: '' })}>
              <ImageOff size={18} aria-hidden />
            </IconButton>
          )}
        </span>
      </div>
      <SwitchRow label={says.hasCode} on={item.hasCode} onChange={(hasCode) => set({ hasCode })} />
    </div>
  );
}
