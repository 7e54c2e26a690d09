/** Pictures for the slide: from this device, or from the library, found by words and by what one may do with them. */
import type { LibraryPicture, LibraryQuery } from '@gobrel/contract';
import { pictureColours, pictureKinds, pictureShapes } from '@gobrel/contract/picture-words';
import { licences } from '@gobrel/core/deck';
import { useInfiniteQuery } from '@tanstack/react-query';
import { ImageUp } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import { libraryPages, libraryUrl } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, Field, Loading, Select } from '../../../shared/ui';
import { carryPicture } from './carried-picture';

interface PictureShelfProps {
  readonly onFile: () => void;
  readonly onPick: (picture: LibraryPicture) => void;
}

/** Stands for no wish. */
const ANY = '';

export function PictureShelf({ onFile, onPick }: PictureShelfProps) {
  const says = messages.pictureShelf;
  const any = { value: ANY, name: says.any } as const;
  const [query, setQuery] = useState<LibraryQuery>({});
  const looked = useDeferredValue(query);
  const { data, isError, hasNextPage, isFetchingNextPage, fetchNextPage } = useInfiniteQuery(libraryPages(looked));
  const set = (fields: LibraryQuery) => setQuery((before) => ({ ...before, ...fields }));
  const pictures = data?.pages.flatMap((page) => page.pictures) ?? [];
  const count = data?.pages[0]?.count ?? 0;
  return (
    <div className="flex max-h-[min(78vh,44rem)] w-[34rem] max-w-full flex-col gap-2 p-1">
      <Button look="main" className="w-full" onClick={onFile}>
        <ImageUp size={18} aria-hidden /> {says.fromDevice}
      </Button>
      <h3 className="mt-1 font-display text-base font-bold">{says.title}</h3>
      <Field
        label={says.find}
        type="search"
        maxLength={80}
        value={query.find ?? ''}
        onChange={({ target }) => set({ find: target.value })}
      />
      <div className="grid grid-cols-3 gap-2">
        <Select
          stacked
          label={says.kind}
          value={query.kind ?? ANY}
          options={[any, ...pictureKinds.map((value) => ({ value, name: says.kinds[value] }))]}
          onChange={(kind) => set({ kind: kind === ANY ? undefined : kind })}
        />
        <Select
          stacked
          label={says.colour}
          value={query.colour ?? ANY}
          options={[any, ...pictureColours.map((value) => ({ value, name: says.colours[value] }))]}
          onChange={(colour) => set({ colour: colour === ANY ? undefined : colour })}
        />
        <Select
          stacked
          label={says.shape}
          value={query.shape ?? ANY}
          options={[any, ...pictureShapes.map((value) => ({ value, name: says.shapes[value] }))]}
          onChange={(shape) => set({ shape: shape === ANY ? undefined : shape })}
        />
      </div>
      <div className="flex flex-wrap gap-x-4">
        {(['change', 'sell'] as const).map((right) => (
          <label key={right} className="flex min-h-control items-center gap-2 text-sm">
            <input
              type="checkbox"
              className="size-5 accent-tide"
              checked={query[right] === 'yes'}
              onChange={({ target }) => set({ [right]: target.checked ? 'yes' : undefined })}
            />
            {says.mayI[right]}
          </label>
        ))}
      </div>
      {isError && !data ? (
        <p role="alert" className="text-soft">
          {says.away}
        </p>
      ) : (
        <>
          <p role="status" className="text-sm text-soft">
            {data ? (count === 0 ? says.none : says.count({ count })) : ''}
          </p>
          {data ? null : <Loading what={says.title} />}
          <ul className="grid min-h-0 flex-1 grid-cols-[repeat(auto-fill,minmax(8.5rem,1fr))] gap-1.5 overflow-y-auto">
            {pictures.map((picture) => (
              <li key={picture.name}>
                <button
                  type="button"
                  draggable
                  onDragStart={(event) => carryPicture(event.dataTransfer, picture)}
                  onClick={() => onPick(picture)}
                  className="flex h-full w-full flex-col rounded-md border border-rule bg-card p-1 text-start hover:border-ink"
                >
                  <img
                    src={libraryUrl(picture.name, 'small')}
                    alt=""
                    loading="lazy"
                    draggable={false}
                    className="aspect-4/3 w-full rounded bg-rule/25 object-contain"
                  />
                  <span className="px-1 pt-1 text-sm leading-tight">{picture.shows}</span>
                  <span className="mt-auto px-1 text-xs text-soft">
                    {[picture.by, picture.licence ? licences[picture.licence].name : ''].filter(Boolean).join(', ')}
                  </span>
                </button>
              </li>
            ))}
            {hasNextPage ? (
              <li className="col-span-full">
                <Button className="w-full" disabled={isFetchingNextPage} onClick={() => void fetchNextPage()}>
                  {says.more}
                </Button>
              </li>
            ) : null}
          </ul>
        </>
      )}
    </div>
  );
}
