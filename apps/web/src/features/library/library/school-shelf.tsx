/** The school's shelf: decks that colleagues offer, found by words, subject and age, looked through and copied. */
import type { OfferedDeck } from '@gobrel/contract';
import { searchWords } from '@gobrel/core/search';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Library, School } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { foundOnShelfQuery, messageOf, schoolQuery, shelfQuery } from '../../../shared/api';
import { language, messages } from '../../../shared/messages';
import { Cover } from '../../../shared/slides';
import { Button, buttonClasses, Empty, Failing, Loading, SearchField, Select } from '../../../shared/ui';
import { OfferedDialog } from './offered-dialog';
import { everyAge, isForEveryAge, offeredFitting, subjectsOn } from './school-shelf-view';
import { useSettled } from './use-settled';

export function SchoolShelf() {
  const says = messages.school;
  const school = useQuery(schoolQuery);
  const shelf = useQuery(shelfQuery);
  const failed = school.error ?? shelf.error;
  if (failed)
    return (
      <Failing message={messageOf(failed)} onRetry={() => void Promise.all([school.refetch(), shelf.refetch()])} />
    );
  if (!school.data || !shelf.data) return <Loading what={messages.library.decks} />;
  if (!school.data.school)
    return (
      <Empty icon={School} title={says.none} text={says.noneText}>
        <Link to="/school" className={buttonClasses('main')}>
          {says.create}
        </Link>
      </Empty>
    );
  return (
    <>
      <div className="-mt-2 mb-4 flex flex-wrap items-center gap-x-3">
        <span className="wrap-anywhere">{school.data.school.name}</span>
        <Link to="/school" className={buttonClasses('quiet', '-ms-3')}>
          {says.toSchool}
        </Link>
      </div>
      {shelf.data.length === 0 ? (
        <Empty icon={Library} title={says.emptyShelf} text={says.emptyShelfText} />
      ) : (
        <Offered offered={shelf.data} />
      )}
    </>
  );
}

function Offered({ offered }: { offered: readonly OfferedDeck[] }) {
  const says = messages.school;
  const [sought, setSought] = useState('');
  const [subject, setSubject] = useState('');
  const [age, setAge] = useState('');
  const [looked, setLooked] = useState<OfferedDeck | null>(null);
  const settled = useSettled(sought);
  const isSeeking = searchWords(sought).length > 0;
  const search = useQuery({
    ...foundOnShelfQuery(settled),
    enabled: isSeeking && searchWords(settled).length > 0,
    placeholderData: keepPreviousData,
  });
  const found = isSeeking ? (search.data ?? null) : null;
  const fitting = offeredFitting(offered, { sought, found, subject, age: age === '' ? null : Number(age) });
  const isAsking = isSeeking && (settled !== sought || search.isFetching);
  return (
    <>
      <div className="mb-4 flex flex-wrap items-center gap-3">
        <SearchField
          label={says.search}
          value={sought}
          onChange={setSought}
          className="flex-1 basis-full sm:max-w-72 sm:basis-40"
        />
        <Select
          bare
          label={says.subject}
          value={subject}
          options={[
            { value: '', name: says.anySubject },
            ...subjectsOn(offered, language).map((value) => ({ value, name: value })),
          ]}
          onChange={setSubject}
        />
        <Select
          bare
          label={says.age}
          value={age}
          options={[
            { value: '', name: says.anyAge },
            ...everyAge().map((each) => ({ value: String(each), name: says.years({ age: each }) })),
          ]}
          onChange={setAge}
        />
        <span role="status" className="text-sm text-soft">
          {says.onShelf({ count: fitting.length })}
        </span>
      </div>
      {fitting.length > 0 ? (
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(13.5rem,1fr))] gap-x-4 gap-y-5">
          {fitting.map((offer) => (
            <OfferedCard key={offer.deck.id} offer={offer} onLook={() => setLooked(offer)} />
          ))}
        </ul>
      ) : isAsking ? (
        <Loading what={messages.library.decks} />
      ) : (
        <Empty title={says.noneFound}>
          <Button
            onClick={() => {
              setSought('');
              setSubject('');
              setAge('');
            }}
          >
            {says.showAll}
          </Button>
        </Empty>
      )}
      {looked ? <OfferedDialog offer={looked} onClose={() => setLooked(null)} /> : null}
    </>
  );
}

function OfferedCard({ offer, onLook }: { offer: OfferedDeck; onLook: () => void }) {
  const { deck } = offer;
  return (
    <li className="group relative min-w-0">
      <button
        type="button"
        aria-label={messages.school.preview({ title: deck.title })}
        className="block w-full text-start after:absolute after:inset-0 after:content-['']"
        onClick={onLook}
      >
        <span className="block overflow-hidden rounded-md border border-edge group-hover:border-ink">
          <Cover deck={deck.cover} />
        </span>
        <span className="mt-1.5 line-clamp-2 font-display font-bold leading-tight wrap-anywhere">{deck.title}</span>
      </button>
      <p className="text-sm text-soft">
        {offer.isMine ? messages.school.yours : messages.school.by({ name: offer.by })}
      </p>
      <p className="text-sm text-soft">{forWhom(offer)}</p>
    </li>
  );
}

/** For what and whom a deck is; '' where nobody said. */
function forWhom(offer: OfferedDeck): string {
  const ages = isForEveryAge(offer) ? '' : messages.school.ages({ from: offer.ageFrom, to: offer.ageTo });
  return [offer.subject, ages].filter((part) => part !== '').join(' · ');
}
