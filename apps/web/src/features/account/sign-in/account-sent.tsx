/** That a mail is on its way whose link makes an account. */
import { useEffect, useRef } from 'react';
import { messages } from '../../../shared/messages';
import { Button } from '../../../shared/ui';

interface AccountSentProps {
  readonly email: string;
  readonly onBack: () => void;
}

export function AccountSent({ email, onBack }: AccountSentProps) {
  const says = messages.signIn;
  const title = useRef<HTMLHeadingElement>(null);
  // The form that had the focus is gone.
  useEffect(() => title.current?.focus(), []);
  return (
    <>
      <h1 ref={title} tabIndex={-1} className="mb-3 text-2xl outline-none">
        {says.accountTitle}
      </h1>
      <p className="font-semibold">{says.accountSent({ email })}</p>
      <p className="mt-2 text-soft">{says.accountSentMore}</p>
      <p className="-mx-3.5 mt-4 border-t border-rule pt-3">
        <Button look="quiet" onClick={onBack}>
          {says.tryAgain}
        </Button>
      </p>
    </>
  );
}
