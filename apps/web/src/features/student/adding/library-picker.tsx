/** Choosing a picture of the library by what it shows. */
import type { LibraryPicture } from '@gobrel/contract';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { libraryCredit } from './library-credit';
import { libraryQuery, libraryUrl } from '../../../shared/api';
import { Field, Loading } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

interface LibraryPickerProps {
  readonly onPick: (picture: LibraryPicture) => void;
}

export function LibraryPicker({ onPick }: LibraryPickerProps) {
  const says = messages.adding.library;
  const [typed, setTyped] = useState('');
  const looked = useDeferredValue(typed.trim());
  const { data, isError } = useQuery(libraryQuery({ find: looked }));
  return (
    <section aria-label={says.title} className="mt-4 flex flex-col gap-3 border-t border-rule pt-4">
      <h3 className="font-display text-lg font-bold">{says.title}</h3>
      {isError && !data ? (
        <p role="alert" className="text-soft">
          {says.away}
        </p>
      ) : (
        <>
          <Field
            label={says.find}
            hint={says.hint}
            type="search"
            value={typed}
            maxLength={80}
            onChange={({ target }) => setTyped(target.value)}
          />
          {data ? null : <Loading what={says.title} />}
          {data?.count === 0 ? <p role="status">{says.none({ looked })}</p> : null}
          <ul className="grid max-h-[38vh] grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-2 overflow-y-auto">
            {data?.pictures.map((picture) => (
              <li key={picture.name}>
                <button
                  type="button"
                  className="flex h-full w-full flex-col rounded-md border border-edge bg-card p-1 text-start hover:border-ink"
                  onClick={() => onPick(picture)}
                >
                  <img
                    src={libraryUrl(picture.name, 'small')}
                    alt=""
                    loading="lazy"
                    className="aspect-4/3 w-full rounded"
                  />
                  <span className="px-1 pt-1 text-sm">{picture.shows}</span>
                  <span className="px-1 text-xs text-soft">{libraryCredit(picture)}</span>
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
