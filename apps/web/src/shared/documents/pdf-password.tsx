/** Asks for the password of a PDF that is locked. */
import { type FormEvent, useState } from 'react';
import { messages } from '../messages';
import { Button, DialogActions, Field } from '../ui';

interface PdfPasswordProps {
  readonly fileName: string;
  readonly wasWrong: boolean;
  /** What giving up on it is called. */
  readonly giveUp: string;
  readonly onGive: (password: string) => void;
  readonly onGiveUp: () => void;
}

export function PdfPassword({ fileName, wasWrong, giveUp, onGive, onGiveUp }: PdfPasswordProps) {
  const says = messages.documents;
  const [password, setPassword] = useState('');
  const give = (event: FormEvent) => {
    event.preventDefault();
    onGive(password);
  };
  return (
    <form onSubmit={give}>
      <Field
        label={says.passwordOf({ name: fileName })}
        hint={says.passwordHint}
        {...(wasWrong ? { fault: says.wrongPassword } : {})}
        type="password"
        autoComplete="off"
        autoFocus
        value={password}
        onChange={({ target }) => setPassword(target.value)}
      />
      <DialogActions>
        <Button onClick={onGiveUp}>{giveUp}</Button>
        <Button look="main" type="submit" disabled={password === ''}>
          {says.unlock}
        </Button>
      </DialogActions>
    </form>
  );
}
