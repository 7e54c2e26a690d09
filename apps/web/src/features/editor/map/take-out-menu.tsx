/** The menu that takes the map out, as a drawing, a picture, on paper or as text, and brings graphs in. */
import { sketchOf, writeDot, writeMermaid } from '@gobrel/core/formats';
import { useSurroundings } from '@gobrel/slide-view';
import { FileCode, FileInput, Image, Printer, Share } from 'lucide-react';
import { useState } from 'react';
import { saveBlob, saveText } from '../../../shared/downloads';
import { Menu, MenuEntry, MenuRule, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { drawMap, type MapToDraw } from './map-drawing';
import { pictureOf, printDrawing } from './save-map';

interface TakeOutMenuProps {
  readonly map: MapToDraw | null;
  readonly onBringIn: () => void;
}

export function TakeOutMenu({ map, onBringIn }: TakeOutMenuProps) {
  const surroundings = useSurroundings();
  const [isBusy, setIsBusy] = useState(false);
  const name = (ending: string) => `${map?.deck.title ?? ''}.${ending}`;
  const drawn = async (act: (drawing: Awaited<ReturnType<typeof drawMap>>) => Promise<void> | void) => {
    if (!map) return;
    setIsBusy(true);
    try {
      await act(await drawMap(map, surroundings));
    } catch {
      showToast(messages.routes.notDrawn, { tone: 'trouble' });
    } finally {
      setIsBusy(false);
    }
  };
  const picture = () =>
    drawn(async (drawing) => {
      const blob = await pictureOf(drawing);
      if (!blob) throw new Error('the browser draws no picture of this size');
      saveBlob(blob, name('png'));
    });
  return (
    <>
      <Menu
        trigger={
          <button
            type="button"
            disabled={!map}
            className="inline-flex min-h-11 items-center gap-2 rounded-md px-2.5 font-semibold hover:bg-rule/50 disabled:opacity-40"
          >
            <Share size={18} aria-hidden /> {messages.routes.takeOut}
          </button>
        }
      >
        <MenuEntry onSelect={() => void drawn(({ svg }) => saveText(svg, 'image/svg+xml', name('svg')))}>
          <FileCode size={18} aria-hidden /> {messages.routes.asSvg}
        </MenuEntry>
        <MenuEntry onSelect={() => void picture()}>
          <Image size={18} aria-hidden /> {messages.routes.asPng}
        </MenuEntry>
        <MenuEntry onSelect={() => void drawn(printDrawing)}>
          <Printer size={18} aria-hidden /> {messages.routes.print}
        </MenuEntry>
        <MenuRule />
        <MenuEntry onSelect={() => map && saveText(writeDot(sketchOf(map.deck)), 'text/vnd.graphviz', name('dot'))}>
          <FileCode size={18} aria-hidden /> {messages.routes.asDot}
        </MenuEntry>
        <MenuEntry onSelect={() => map && saveText(writeMermaid(sketchOf(map.deck)), 'text/plain', name('mmd'))}>
          <FileCode size={18} aria-hidden /> {messages.routes.asMermaid}
        </MenuEntry>
        <MenuRule />
        <MenuEntry onSelect={onBringIn}>
          <FileInput size={18} aria-hidden /> {messages.routes.bringIn}
        </MenuEntry>
      </Menu>
      <span aria-live="polite" className={isBusy ? 'text-sm text-soft' : 'spoken'}>
        {isBusy ? messages.routes.drawing : ''}
      </span>
    </>
  );
}
