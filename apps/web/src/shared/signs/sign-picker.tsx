/** Choosing a sign or a sticker by what it shows. */
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { stickerUrl } from '../api';
import { Choose, Field, Loading } from '../ui';
import { messages } from '../messages';
import { type Collected, loadSigns, loadStickers } from './collection';
import { find } from './search';

/** How many are shown at a time: more than anybody looks through. */
const SHOWN = 144;

const loaders = { signs: loadSigns, stickers: loadStickers } as const;

interface SignPickerProps {
  /** The set that is offered first. */
  readonly first?: keyof typeof loaders;
  readonly onPick: (sign: Collected) => void;
}

export function SignPicker({ first = 'signs', onPick }: SignPickerProps) {
  const [set, setSet] = useState<keyof typeof loaders>(first);
  const [typed, setTyped] = useState('');
  const wanted = useDeferredValue(typed);
  const { data } = useQuery({ queryKey: ['signs', set], queryFn: loaders[set], staleTime: Infinity });
  const found = data && find(data, wanted);
  return (
    <div className="flex flex-col gap-3">
      <Choose
        label={messages.signs.set}
        value={set}
        options={(['signs', 'stickers'] as const).map((value) => ({ value, name: messages.signs.sets[value] }))}
        onChange={setSet}
      />
      <Field
        label={messages.signs.find}
        hint={messages.signs.hint}
        type="search"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      {found ? (
        <>
          <p role="status" className="text-sm text-soft">
            {found.length > SHOWN
              ? messages.signs.foundMore({ shown: SHOWN, count: found.length })
              : messages.signs.found({ count: found.length })}
          </p>
          <div
            role="group"
            aria-label={messages.signs.sets[set]}
            className="grid max-h-[42vh] grid-cols-[repeat(auto-fill,minmax(48px,1fr))] gap-1 overflow-y-auto"
          >
            {found.slice(0, SHOWN).map((sign) => (
              <button
                key={sign.shows}
                type="button"
                aria-label={sign.shows}
                title={sign.shows}
                onClick={() => onPick(sign)}
                className="flex h-12 items-center justify-center rounded-md border border-transparent hover:border-ink"
              >
                <Drawing sign={sign} />
              </button>
            ))}
          </div>
        </>
      ) : (
        <Loading what={messages.signs.sets[set]} />
      )}
    </div>
  );
}

function Drawing({ sign }: { sign: Collected }) {
  if (sign.sticker !== '') return <img src={stickerUrl(sign.sticker)} alt="" loading="lazy" className="size-8" />;
  return (
    <svg width="28" height="28" viewBox="0 0 24 24" aria-hidden="true">
      {sign.strokes.map((stroke) => (
        <path
          key={stroke}
          d={stroke}
          fill="none"
          stroke="currentColor"
          strokeWidth={2}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
    </svg>
  );
}
