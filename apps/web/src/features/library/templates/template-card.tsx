/** A template as a card: its first slide, its name, and what can be done with one that is kept. */
import { slidesInOrder } from '@gobrel/core/deck';
import type { Template } from '@gobrel/core/templates';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { EllipsisVertical, Trash2, UserPlus } from 'lucide-react';
import { useState } from 'react';
import { ask, messageOf, templatesQuery } from '../../../shared/api';
import { Thumbnail } from '../../../shared/slides';
import { ConfirmDialog, IconButton, Menu, MenuEntry, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { ShareTemplateDialog } from './share-template-dialog';
import type { FoundTemplate } from './use-templates';

/** Width of a card's picture, in CSS pixels. */
const WIDTH = 192;

export function TemplateCard({ template, onPick }: { template: FoundTemplate; onPick: (template: Template) => void }) {
  const says = messages.templates;
  const { deck, name, kept } = template;
  const slides = slidesInOrder(deck);
  const facts = [
    slides.length > 1 ? says.deckSize({ slides: slides.length }) : '',
    kept?.by ? says.by({ name: kept.by }) : '',
    kept && kept.sharedWith.length > 0
      ? `${says.sharedWith} ${kept.sharedWith.map((each) => each.name).join(', ')}`
      : '',
  ].filter(Boolean);
  return (
    <li className="relative">
      <button
        type="button"
        onClick={() => onPick(template)}
        className="block w-full rounded-md p-1 text-start hover:bg-rule/50"
      >
        {/* The opening of a deck says little about it. */}
        <Thumbnail deck={deck} slideId={slides[slides.length > 1 ? 1 : 0]?.id ?? ''} width={WIDTH} />
        <strong className="mt-1 block pe-9 leading-tight">{name}</strong>
        {facts.length > 0 ? <span className="block pe-9 text-sm text-soft">{facts.join(' · ')}</span> : null}
      </button>
      {kept ? <KeptMenu template={template} /> : null}
    </li>
  );
}

function KeptMenu({ template: { id, name, kept } }: { template: FoundTemplate }) {
  const says = messages.templates;
  const queries = useQueryClient();
  const [sharing, setSharing] = useState(false);
  const [deleting, setDeleting] = useState(false);
  const remove = useMutation({
    mutationFn: () => ask('DELETE', `/templates/${id}`),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
    onSettled: () => queries.invalidateQueries({ queryKey: templatesQuery.queryKey }),
  });
  return (
    <div className="absolute bottom-0 end-0">
      <Menu
        trigger={
          <IconButton name={says.actions({ name })}>
            <EllipsisVertical size={18} aria-hidden />
          </IconButton>
        }
      >
        {kept?.by === null ? (
          <MenuEntry onSelect={() => setSharing(true)}>
            <UserPlus size={18} aria-hidden /> {says.share}
          </MenuEntry>
        ) : null}
        <MenuEntry danger onSelect={() => setDeleting(true)}>
          <Trash2 size={18} aria-hidden /> {says.remove}
        </MenuEntry>
      </Menu>
      {deleting ? (
        <ConfirmDialog
          title={says.removeTitle({ name })}
          action={says.remove}
          isPending={remove.isPending}
          onConfirm={() => remove.mutate()}
          onClose={() => setDeleting(false)}
        >
          {says.removeText}
        </ConfirmDialog>
      ) : null}
      {sharing && kept ? <ShareTemplateDialog template={kept} onClose={() => setSharing(false)} /> : null}
    </div>
  );
}
