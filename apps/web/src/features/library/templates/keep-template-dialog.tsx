/** Keeping slides as a template: its name is there already, and what students do is read off the slides. */
import type { KeptTemplateView } from '@gobrel/contract';
import { type Deck, itemsOf, readSlideClip, type SlideId, slidesToClip } from '@gobrel/core/deck';
import { type Doing, type Moment, moments } from '@gobrel/core/templates';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, messageOf, templatesQuery } from '../../../shared/api';
import { Button, Choose, Dialog, DialogActions, Field, showToast } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';

interface KeepTemplateDialogProps {
  readonly deck: Deck;
  readonly ids: readonly SlideId[];
  readonly onClose: () => void;
}

/** What students do on some slides. */
function doneOn(deck: Deck, ids: readonly SlideId[]): readonly Doing[] {
  const kinds = new Set(ids.flatMap((id) => itemsOf(deck, id)).map(({ kind }) => kind));
  const by = [
    ['choose', kinds.has('choice')],
    ['write', kinds.has('short-text') || kinds.has('long-text') || kinds.has('blank') || kinds.has('open-area')],
    ['number', kinds.has('number')],
    ['draw', kinds.has('draw')],
    ['point', kinds.has('point')],
    ['sort', kinds.has('zone')],
    ['speak', kinds.has('spoken')],
  ] as const;
  return by.flatMap(([doing, isDone]) => (isDone ? [doing] : []));
}

export function KeepTemplateDialog({ deck, ids, onClose }: KeepTemplateDialogProps) {
  const says = messages.templates;
  const queries = useQueryClient();
  const [name, setName] = useState(ids[0] ? slideName(deck, ids[0]) : deck.title);
  const [moment, setMoment] = useState<Moment>('practising');
  const keep = useMutation({
    mutationFn: () =>
      ask<KeptTemplateView[]>('POST', '/templates', {
        name,
        moment,
        does: doneOn(deck, ids),
        deck: readSlideClip(slidesToClip(deck, ids)),
      }),
    onSuccess: (templates) => {
      queries.setQueryData(templatesQuery.queryKey, templates);
      showToast(says.kept);
      onClose();
    },
  });
  return (
    <Dialog title={says.keepTitle} open onClose={onClose}>
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          keep.mutate();
        }}
      >
        <Field
          label={says.keepName}
          fault={keep.isError ? messageOf(keep.error) : undefined}
          maxLength={80}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <p className="mb-1 mt-3 font-semibold">{says.momentLabel}</p>
        <Choose
          label={says.momentLabel}
          value={moment}
          options={moments.map((each) => ({ value: each, name: says.moments[each] }))}
          onChange={setMoment}
        />
        <DialogActions>
          <Button onClick={onClose}>{messages.common.cancel}</Button>
          <Button type="submit" look="main" disabled={name.trim() === '' || keep.isPending}>
            {says.keep}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
