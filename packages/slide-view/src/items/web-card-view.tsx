/** Draws a card for a link to the web: its title and address, a picture, and a code for cameras. Nothing of the site itself. */
import type { WebCardItem } from '@gobrel/core/deck';
import { useLayoutEffect, useRef } from 'react';
import { later } from '../later.js';
import { useSlideTheme } from '../slide-theme.js';
import { useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';
import { CardGround } from './question-card.js';

/** Comes only where a card has a code. */
export const codeDrawing = later(async () => (await import('./code-drawing.js')).CodeDrawing);

/** What letters of cards may be, in slide units. */
const LETTERS = { least: 12, most: 26 };

export function WebCardView({ item }: ItemProps<WebCardItem>) {
  const { pictureUrl } = useSurroundings();
  const isThemed = useSlideTheme()?.boxes !== null;
  const { width, height } = item.frame;
  const address = item.link?.to === 'web' ? item.link.address : '';
  const words = useRef<HTMLSpanElement>(null);
  useLayoutEffect(() => {
    // Only the browser knows how high the words are.
    if (words.current) fitLines(words.current);
  }, [item, address, width, height]);
  const letters = Math.min(LETTERS.most, Math.max(LETTERS.least, height / 9));
  const side = Math.min(height - letters, width / 4);
  return (
    <div className={isThemed ? 'gv-web-card' : 'gv-web-card gv-plain-card'} style={{ fontSize: letters }}>
      <CardGround frame={item.frame} />
      {item.picture === '' ? null : (
        <img
          className="gv-web-card-picture"
          src={pictureUrl(item.picture)}
          alt=""
          draggable={false}
          style={{ width: side }}
        />
      )}
      <span className="gv-web-card-words" ref={words}>
        <span className="gv-web-card-lines">
          <span className="gv-web-card-title">{item.title || shortAddress(address)}</span>
          {item.note === '' ? null : <span className="gv-web-card-note">{item.note}</span>}
          <span className="gv-web-card-address">{shortAddress(address)}</span>
        </span>
      </span>
      {item.hasCode && address !== '' ? (
        <span className="gv-web-card-code" style={{ width: side, height: side }}>
          <codeDrawing.View address={address} />
        </span>
      ) : null}
    </div>
  );
}

/** Letters are made smaller by so much, until all words have room. */
const PARTS = [1, 0.9, 0.8, 0.7, 0.6, 0.5, 0.4];

function fitLines(room: HTMLElement): void {
  for (const part of PARTS) {
    room.style.setProperty('--gv-fit', String(part));
    if ((room.firstElementChild?.clientHeight ?? 0) <= room.clientHeight) return;
  }
}

/** An address without what everybody leaves out when saying it. */
export function shortAddress(address: string): string {
  return address.replace(/^https?:\/\/(www\.)?/, '').replace(/\/$/, '');
}
