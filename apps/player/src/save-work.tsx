/** Saves what somebody did in a show file as a file, for whoever brings it into the lesson. */
import { writeWorkFile } from '@gobrel/core/formats';
import type { Work } from '@gobrel/core/work';
import { Save } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { saveText } from '../../web/src/shared/downloads';
import { messages } from '../../web/src/shared/messages';
import { Button, Dialog, DialogActions, Field, IconButton } from '../../web/src/shared/ui';

export function SaveWork({ title, work }: { title: string; work: Work }) {
  const says = messages.workFiles;
  const [isOpen, setOpen] = useState(false);
  const [name, setName] = useState('');
  const save = (event: FormEvent) => {
    event.preventDefault();
    const text = writeWorkFile({ name: name.trim(), title, savedAt: Date.now(), work });
    saveText(text, 'application/json', `${says.fileName({ name: name.trim(), title })}.json`);
    setOpen(false);
  };
  return (
    <>
      <IconButton name={says.save} onClick={() => setOpen(true)}>
        <Save size={20} aria-hidden />
      </IconButton>
      <Dialog title={says.save} open={isOpen} onClose={() => setOpen(false)}>
        <form onSubmit={save}>
          <p className="mb-3">{says.saveText}</p>
          <Field
            label={says.yourName}
            value={name}
            maxLength={80}
            autoFocus
            onChange={({ target }) => setName(target.value)}
          />
          <DialogActions>
            <Button onClick={() => setOpen(false)}>{messages.common.cancel}</Button>
            <Button type="submit" look="main" disabled={name.trim() === ''}>
              {says.saveFile}
            </Button>
          </DialogActions>
        </form>
      </Dialog>
    </>
  );
}
