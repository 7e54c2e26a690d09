/** The passcode of a share: set, changed, removed. What it is nobody can read again. */
import { PASSCODE } from '@gobrel/contract';
import { type FormEvent, useState } from 'react';
import { messages } from '../../../shared/messages';
import { Button } from '../../../shared/ui';

interface PasscodeFieldProps {
  readonly has: boolean;
  readonly onSet: (passcode: string | null) => void;
}

export function PasscodeField({ has, onSet }: PasscodeFieldProps) {
  const says = messages.sharing;
  const [isTyping, setIsTyping] = useState(false);
  if (isTyping)
    return (
      <PasscodeForm
        onSet={(passcode) => {
          setIsTyping(false);
          onSet(passcode);
        }}
        onCancel={() => setIsTyping(false)}
      />
    );
  return (
    <>
      <span>{has ? says.hasPasscode : says.noPasscode}</span>
      <Button look="quiet" onClick={() => setIsTyping(true)}>
        {has ? says.changePasscode : says.setPasscode}
      </Button>
      {has ? (
        <Button look="quiet" onClick={() => onSet(null)}>
          {says.removePasscode}
        </Button>
      ) : null}
    </>
  );
}

function PasscodeForm({ onSet, onCancel }: { onSet: (passcode: string) => void; onCancel: () => void }) {
  const [passcode, setPasscode] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    onSet(passcode);
  };
  return (
    <form onSubmit={submit} className="flex flex-wrap items-center gap-2">
      <input
        autoFocus
        aria-label={messages.sharing.passcode}
        placeholder={messages.sharing.passcodeHint({ least: PASSCODE.least })}
        value={passcode}
        maxLength={PASSCODE.most}
        autoComplete="off"
        onChange={({ target }) => setPasscode(target.value)}
        className="min-h-control w-48 rounded-md border border-edge bg-card px-2.5 placeholder:text-soft"
      />
      <Button type="submit" disabled={passcode.length < PASSCODE.least}>
        {messages.sharing.setPasscode}
      </Button>
      <Button look="quiet" onClick={onCancel}>
        {messages.common.cancel}
      </Button>
    </form>
  );
}
