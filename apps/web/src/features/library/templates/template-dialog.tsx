/** Templates in sight, found by where they belong in a lesson and by what students do. */
import {
  type Age,
  ages,
  type Doing,
  doings,
  isDeckTemplate,
  type Moment,
  moments,
  type Subject,
  subjects,
  type Template,
} from '@gobrel/core/templates';
import { useState } from 'react';
import { Choose, Dialog, Select } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { TemplateCard } from './template-card';
import { type FoundTemplate, useTemplates } from './use-templates';

interface TemplateDialogProps {
  /** Whether short decks come first, as for whoever begins a deck. */
  readonly decksFirst: boolean;
  readonly onPick: (template: Template) => void;
  readonly onClose: () => void;
}

/** Stands for no wish. */
const ANY = '';

export function TemplateDialog({ decksFirst, onPick, onClose }: TemplateDialogProps) {
  const says = messages.templates;
  const any = { value: ANY, name: says.any } as const;
  const [moment, setMoment] = useState<Moment | 'all'>('all');
  const [does, setDoes] = useState<Doing | null>(null);
  const [subject, setSubject] = useState<Subject | null>(null);
  const [age, setAge] = useState<Age | null>(null);
  const fitting = useTemplates().filter(
    (template) =>
      (moment === 'all' || template.moment === moment) &&
      (does === null || template.does.includes(does)) &&
      // What goes with any subject goes with this one.
      (subject === null || template.subject === null || template.subject === subject) &&
      (age === null || template.ages.includes(age)),
  );
  const shipped = fitting.filter(({ kept }) => kept === null);
  const slides = { title: says.slideGroup, templates: shipped.filter((template) => !isDeckTemplate(template)) };
  const decks = { title: says.deckGroup, templates: shipped.filter(isDeckTemplate) };
  const mine = { title: says.mine, templates: fitting.filter(({ kept }) => kept !== null) };
  const groups = [mine, ...(decksFirst ? [decks, slides] : [slides, decks])];
  return (
    <Dialog title={says.title} open onClose={onClose} wide>
      <Choose
        label={says.momentLabel}
        value={moment}
        options={[
          { value: 'all' as const, name: says.all },
          ...moments.map((each) => ({ value: each, name: says.moments[each] })),
        ]}
        onChange={setMoment}
      />
      <div role="group" aria-label={says.doesLabel} className="mt-2 flex flex-wrap gap-1">
        {doings.map((doing) => (
          <button
            key={doing}
            type="button"
            aria-pressed={does === doing}
            onClick={() => setDoes(does === doing ? null : doing)}
            className={`min-h-11 rounded-full border px-3.5 font-semibold ${does === doing ? 'border-ink bg-ink text-card' : 'border-edge bg-card hover:border-ink'}`}
          >
            {says.doings[doing]}
          </button>
        ))}
      </div>
      <div className="mt-2 flex flex-wrap gap-3">
        <Select
          label={says.subjectLabel}
          value={subject ?? ANY}
          options={[any, ...subjects.map((value) => ({ value, name: says.subjects[value] }))]}
          onChange={(next) => setSubject(next === ANY ? null : next)}
        />
        <Select
          label={says.agesLabel}
          value={age ?? ANY}
          options={[any, ...ages.map((value) => ({ value, name: says.ages[value] }))]}
          onChange={(next) => setAge(next === ANY ? null : next)}
        />
      </div>
      {fitting.length === 0 ? <p className="py-6">{says.noneFit}</p> : null}
      {groups.map(({ title, templates }) => (
        <TemplateGroup key={title} title={title} templates={templates} onPick={onPick} />
      ))}
    </Dialog>
  );
}

interface TemplateGroupProps {
  readonly title: string;
  readonly templates: readonly FoundTemplate[];
  readonly onPick: (template: Template) => void;
}

function TemplateGroup({ title, templates, onPick }: TemplateGroupProps) {
  if (templates.length === 0) return null;
  return (
    <section aria-label={title} className="mt-4">
      <h3 className="mb-2 font-sans text-sm font-semibold text-soft">{title}</h3>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(200px,1fr))] gap-3">
        {templates.map((template) => (
          <TemplateCard key={template.id} template={template} onPick={onPick} />
        ))}
      </ul>
    </section>
  );
}
