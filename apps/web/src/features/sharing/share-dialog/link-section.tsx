/** Anyone with the link: whether, what they can do, until when, behind which passcode. */
import { shareRights, type ShareTerms, type ShareView } from '@gobrel/contract';
import { Link2 } from 'lucide-react';
import { messages } from '../../../shared/messages';
import { Select, Switch } from '../../../shared/ui';
import { AddressRow } from './address-row';
import { PasscodeField } from './passcode-field';
import { Row, Section } from './section';
import { UntilField } from './until-field';

interface LinkSectionProps {
  /** `null` while it is off. */
  readonly link: ShareView | null;
  readonly onSet: (terms: ShareTerms) => void;
  readonly onEnd: () => void;
}

export function LinkSection({ link, onSet, onEnd }: LinkSectionProps) {
  const says = messages.sharing;
  const onOff = (
    <Switch
      label={says.link}
      on={link !== null}
      state={link ? says.on : says.off}
      onChange={(on) => (on ? onSet({}) : onEnd())}
    />
  );
  return (
    <Section icon={Link2} title={says.link} hint={says.linkHint} switch={onOff}>
      {link ? (
        <>
          <AddressRow label={says.linkAddress} address={link.address} />
          <Row label={says.theyCan}>
            <Select
              bare
              label={says.theyCan}
              value={link.may}
              options={shareRights.map((value) => ({ value, name: says.linkRights[value] }))}
              onChange={(may) => onSet({ may })}
            />
            <span className="ms-auto flex items-center gap-2">
              <span className="text-sm text-soft">{says.until}</span>
              <UntilField label={says.until} until={link.until} onChange={(until) => onSet({ until })} />
            </span>
          </Row>
          <Row label={says.passcode}>
            <PasscodeField has={link.hasPasscode} onSet={(passcode) => onSet({ passcode })} />
          </Row>
        </>
      ) : null}
    </Section>
  );
}
