/** Saves a deck as a PDF: what lies on its sheets, and how far it is. */
import { type Deck, slidesInOrder } from '@gobrel/core/deck';
import type { PerSheet } from '@gobrel/core/paper';
import { isToFillIn } from '@gobrel/core/work';
import { useSurroundings } from '@gobrel/slide-view';
import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { classesQuery } from '../../../shared/api';
import { fileName, saveBlob } from '../../../shared/downloads';
import { messages } from '../../../shared/messages';
import { Choose, Dialog, Select, showToast } from '../../../shared/ui';
import { MakingFoot } from '../making-foot';
import { useMaking } from '../use-making';
import { makePaper, type PaperChoice, type PaperProgress } from './make-paper';

const kinds = ['slides', 'handout', 'notes', 'worksheets', 'map'] as const;
type Kind = (typeof kinds)[number];

const counts = ['2', '3', '4', '6'] as const;
type Count = (typeof counts)[number];
const countOf: Readonly<Record<Count, PerSheet>> = { '2': 2, '3': 3, '4': 4, '6': 6 };

/** Without the names of any class. */
const NOBODY = '';

export function PaperDialog({ deck, onClose }: { deck: Deck; onClose: () => void }) {
  const says = messages.paper;
  const surroundings = useSurroundings();
  const [kind, setKind] = useState<Kind>('slides');
  const [count, setCount] = useState<Count>('3');
  const [withKey, setWithKey] = useState(false);
  const [classId, setClassId] = useState<string>(NOBODY);
  const classes = useQuery({ ...classesQuery, enabled: kind === 'worksheets' });
  const making = useMaking<PaperProgress>();
  const students = classes.data?.find(({ id }) => id === classId)?.students ?? [];
  const isEmpty = kind === 'worksheets' && !slidesInOrder(deck).some(({ id }) => isToFillIn(deck, id));
  const choice = (): PaperChoice => {
    if (kind === 'worksheets')
      return { what: 'worksheets', withKey, names: students.length === 0 ? [''] : students.map(({ name }) => name) };
    if (kind === 'handout') return { what: 'slides', perSheet: countOf[count] };
    if (kind === 'slides') return { what: 'slides', perSheet: 1 };
    return { what: kind };
  };
  const make = () =>
    making.run(async (signal, onProgress) => {
      const pdf = await makePaper({ deck, choice: choice(), surroundings, signal, onProgress });
      const name = `${fileName(deck.title)}.pdf`;
      saveBlob(new Blob([pdf], { type: 'application/pdf' }), name);
      showToast(messages.exporting.saved({ name }));
      onClose();
    });
  return (
    <Dialog title={says.title} open onClose={onClose}>
      <fieldset disabled={making.progress !== null}>
        <legend className="mb-1 font-semibold">{says.what}</legend>
        <Kinds kind={kind} onChange={setKind}>
          {kind === 'handout' ? (
            <Choose
              label={says.perSheet}
              value={count}
              options={counts.map((value) => ({ value, name: value }))}
              onChange={setCount}
            />
          ) : null}
          {kind === 'worksheets' ? (
            <div className="flex flex-col gap-1">
              <label className="flex min-h-control items-center gap-2">
                <input
                  type="checkbox"
                  className="size-4.5 accent-dusk"
                  checked={withKey}
                  onChange={({ target }) => setWithKey(target.checked)}
                />
                {says.withKey}
              </label>
              <Select
                stacked
                label={says.forClass}
                value={classId}
                options={[
                  { value: NOBODY, name: says.noNames },
                  ...(classes.data ?? [])
                    .filter(({ archivedAt }) => archivedAt === null)
                    .map(({ id, name, students: all }) => ({
                      value: id,
                      name: says.ofClass({ name, count: all.length }),
                    })),
                ]}
                onChange={setClassId}
              />
            </div>
          ) : null}
        </Kinds>
      </fieldset>
      {isEmpty ? <p className="mt-3 text-soft">{says.nothingToFillIn}</p> : null}
      <MakingFoot
        label={says.title}
        making={making}
        inWords={({ step, done, all }) => says.making({ step, done, all })}
        action={says.save}
        isReady={!isEmpty}
        onMake={make}
        onClose={onClose}
      />
    </Dialog>
  );
}

interface KindsProps {
  readonly kind: Kind;
  readonly onChange: (kind: Kind) => void;
  /** What else is asked of the kind that is chosen. */
  readonly children: ReactNode;
}

function Kinds({ kind, onChange, children }: KindsProps) {
  const says = messages.paper;
  return kinds.map((each) => (
    <div key={each}>
      <label className="flex min-h-control items-start gap-2 py-1.5">
        <input
          type="radio"
          name="paper-kind"
          className="mt-1 size-4.5 flex-none accent-dusk"
          checked={kind === each}
          onChange={() => onChange(each)}
        />
        <span>
          <span className="block font-semibold">{says.kinds({ kind: each })}</span>
          <span className="block text-sm text-soft">{says.hints({ kind: each })}</span>
        </span>
      </label>
      {kind === each ? <div className="ms-6.5 mb-1 empty:hidden">{children}</div> : null}
    </div>
  ));
}
