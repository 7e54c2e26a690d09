/** The school: whether a deck is on its shelf, what colleagues can do with it, and for whom it is. */
import { AGES, authorRights, type OfferTerms, type OfferView } from '@gobrel/contract';
import { School } from 'lucide-react';
import { Link } from 'react-router';
import { messages } from '../../../shared/messages';
import { buttonClasses, Select, Switch } from '../../../shared/ui';
import { Row, Section } from './section';
import { SubjectField } from './subject-field';
import { UntilField } from './until-field';

interface SchoolSectionProps {
  /** The owner's school; `null` for none. */
  readonly school: string | null;
  /** `null` while it is off. */
  readonly offer: OfferView | null;
  readonly onSet: (terms: OfferTerms) => void;
  readonly onEnd: () => void;
}

export function SchoolSection({ school, offer, onSet, onEnd }: SchoolSectionProps) {
  const says = messages.school;
  const { on, off, theyCan, until } = messages.sharing;
  if (school === null)
    return (
      <Section icon={School} title={says.offer} hint={says.offerNone}>
        <Link to="/school" className={buttonClasses('quiet', '-ms-3.5')}>
          {says.create}
        </Link>
      </Section>
    );
  const onOff = (
    <Switch
      label={says.offer}
      on={offer !== null}
      state={offer ? on : off}
      onChange={(next) => (next ? onSet({}) : onEnd())}
    />
  );
  return (
    <Section icon={School} title={says.offer} hint={says.offerHint({ school })} switch={onOff}>
      {offer ? (
        <>
          <Row label={theyCan}>
            <Select
              bare
              label={theyCan}
              value={offer.may}
              options={authorRights.map((value) => ({ value, name: says.offerRights[value] }))}
              onChange={(may) => onSet({ may })}
            />
            <span className="ms-auto flex items-center gap-2">
              <span className="text-sm text-soft">{until}</span>
              <UntilField label={until} until={offer.until} onChange={(end) => onSet({ until: end })} />
            </span>
          </Row>
          <Row label={says.subject}>
            <SubjectField subject={offer.subject} onSet={(subject) => onSet({ subject })} />
            <Ages offer={offer} onSet={onSet} />
          </Row>
        </>
      ) : null}
    </Section>
  );
}

function Ages({ offer, onSet }: { offer: OfferView; onSet: (terms: OfferTerms) => void }) {
  const says = messages.school;
  const { ageFrom, ageTo } = offer;
  const years = (from: number, to: number) =>
    Array.from({ length: to - from + 1 }, (_each, at) => ({ value: String(from + at), name: String(from + at) }));
  return (
    <span className="flex items-center gap-2">
      <span aria-hidden className="text-sm text-soft">
        {says.age}
      </span>
      <Select
        bare
        label={says.agesFrom}
        value={String(ageFrom)}
        options={years(AGES.least, AGES.most)}
        onChange={(age) => onSet({ ageFrom: Number(age), ...(Number(age) > ageTo ? { ageTo: Number(age) } : {}) })}
      />
      <span aria-hidden>–</span>
      <Select
        bare
        label={says.agesTo}
        value={String(ageTo)}
        options={years(ageFrom, AGES.most)}
        onChange={(age) => onSet({ ageTo: Number(age) })}
      />
    </span>
  );
}
