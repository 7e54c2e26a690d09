/** The ways to begin a deck: empty in a size, from a template, by planning a story, out of files. */
import { namesIn, slideSizes } from '@gobrel/core/deck';
import { ChevronDown, FileInput, LayoutTemplate, Plus, ScrollText } from 'lucide-react';
import { Button, Menu, MenuEntry, MenuRule } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Library } from './use-library';

interface NewDeckButtonsProps {
  readonly create: Library['create'];
  readonly onTemplates: () => void;
  readonly onImport: () => void;
}

export function NewDeckButtons({ create, onTemplates, onImport }: NewDeckButtonsProps) {
  const says = messages.library;
  return (
    <div className="flex flex-wrap gap-2 py-1 max-sm:px-2">
      {/* On a phone they are among the other ways to start. */}
      <Button className="max-sm:hidden" disabled={create.isPending} onClick={onTemplates}>
        <LayoutTemplate size={18} aria-hidden /> {says.fromTemplate}
      </Button>
      <Button
        className="max-sm:hidden"
        disabled={create.isPending}
        onClick={() => create.mutate({ size: '16:9', see: 'plan' })}
      >
        <ScrollText size={18} aria-hidden /> {says.planStory}
      </Button>
      <span className="flex">
        <Button
          look="main"
          className="rounded-e-none"
          disabled={create.isPending}
          onClick={() => create.mutate({ size: '16:9' })}
        >
          <Plus size={18} aria-hidden /> {says.newDeck}
        </Button>
        <Menu
          trigger={
            <Button
              look="main"
              className="rounded-s-none !border-s-on-tide/50 !px-2"
              aria-label={says.otherSize}
              disabled={create.isPending}
            >
              <ChevronDown size={18} aria-hidden />
            </Button>
          }
        >
          {namesIn(slideSizes).map((size) => (
            <MenuEntry key={size} onSelect={() => create.mutate({ size })}>
              <span aria-hidden className="flex w-9 justify-center">
                <span
                  className="border-2 border-current"
                  style={{ width: slideSizes[size].width / 40, height: slideSizes[size].height / 40 }}
                />
              </span>
              {messages.slides.sizeNames[size]}
            </MenuEntry>
          ))}
          <MenuRule />
          <MenuEntry onSelect={onTemplates}>
            <span aria-hidden className="flex w-9 justify-center">
              <LayoutTemplate size={18} />
            </span>
            {says.fromTemplate}
          </MenuEntry>
          <MenuEntry onSelect={() => create.mutate({ size: '16:9', see: 'plan' })}>
            <span aria-hidden className="flex w-9 justify-center">
              <ScrollText size={18} />
            </span>
            {says.planStory}
          </MenuEntry>
          <MenuEntry onSelect={onImport}>
            <span aria-hidden className="flex w-9 justify-center">
              <FileInput size={18} />
            </span>
            {says.import.open}
          </MenuEntry>
        </Menu>
      </span>
    </div>
  );
}
