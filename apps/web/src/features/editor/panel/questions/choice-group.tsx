/** Settings of a choice question: its kind, its choices and which of them are right. */
import { type Choice, choiceForms, type ChoiceItem, newId } from '@gobrel/core/deck';
import { choiceLetter, withForm } from '@gobrel/core/questions';
import { Image, ImageOff, Plus, X } from 'lucide-react';
import { useCallback, useState } from 'react';
import { Button, Choose, IconButton } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import { TAKES_FORMULA } from '../../formulas/formula-field-button';
import { Group, PickField } from '../parts';
import { PointsField, PromptField, type SetFields, Tick } from './fields';
import { PictureButton } from './picture-button';

/** The most choices a question can have. */
const MOST = 12;

export function ChoiceGroup({ item, set }: { item: ChoiceItem; set: SetFields }) {
  const says = messages.questions;
  const [added, setAdded] = useState<string | null>(null);
  const focusOnce = useCallback((field: HTMLInputElement | null) => {
    if (!field) return;
    field.focus();
    setAdded(null);
  }, []);
  const change = (id: string, next: Choice) =>
    set({ choices: item.choices.map((choice) => (choice.id === id ? next : choice)) });
  const setRight = (id: string, isRight: boolean) => {
    const others = item.right.filter((other) => other !== id);
    set({ right: item.several ? (isRight ? [...others, id] : others) : isRight ? [id] : [] });
  };
  return (
    <>
      <PromptField prompt={item.prompt} set={set} />
      <PickField
        label={says.form}
        value={item.form}
        onChange={(form) => set(withForm(item, choiceForms.find((each) => each === form) ?? 'own', says.forms))}
      >
        {choiceForms.map((form) => (
          <option key={form} value={form}>
            {says.formNames[form]}
          </option>
        ))}
      </PickField>
      <fieldset className="my-3">
        <legend className="mb-1 text-sm font-semibold text-soft">{messages.editor.choices}</legend>
        {item.choices.map((choice, index) => {
          const letter = choiceLetter(index);
          return (
            // For fingers its buttons stand below, so that all of it is large enough.
            <div key={choice.id} className="mb-1 flex items-center gap-0.5 pointer-coarse:flex-wrap">
              <label className="flex min-h-control min-w-11 flex-none items-center">
                <input
                  type="checkbox"
                  className="size-5 flex-none accent-reed"
                  aria-label={messages.editor.isRight({ letter })}
                  title={messages.editor.isRight({ letter })}
                  checked={item.right.includes(choice.id)}
                  onChange={(event) => setRight(choice.id, event.target.checked)}
                />
                <strong className="w-6 text-center">{letter}</strong>
              </label>
              <input
                // What was just added is what is typed in next.
                ref={choice.id === added ? focusOnce : undefined}
                {...TAKES_FORMULA}
                aria-label={messages.editor.choiceText({ letter })}
                value={choice.text}
                onChange={(event) => change(choice.id, { ...choice, text: event.target.value })}
                className="min-h-control w-full min-w-0 flex-1 rounded-md border border-edge bg-card px-2 pointer-coarse:basis-3/4"
              />
              <span className="flex flex-none pointer-coarse:ms-auto">
                {choice.picture ? (
                  <IconButton
                    className="!w-8 pointer-coarse:!w-11"
                    name={says.noChoicePicture({ letter })}
                    onClick={() => change(choice.id, { id: choice.id, text: choice.text })}
                  >
                    <ImageOff size={16} aria-hidden />
                  </IconButton>
                ) : (
                  <PictureButton
                    name={says.choicePicture({ letter })}
                    onPicture={({ id: picture }) => change(choice.id, { ...choice, picture })}
                  >
                    <Image size={16} aria-hidden />
                  </PictureButton>
                )}
                <IconButton
                  className="!w-8 pointer-coarse:!w-11"
                  name={messages.editor.removeChoice({ letter })}
                  disabled={item.choices.length <= 2}
                  onClick={() =>
                    set({
                      choices: item.choices.filter((other) => other.id !== choice.id),
                      right: item.right.filter((id) => id !== choice.id),
                    })
                  }
                >
                  <X size={16} aria-hidden />
                </IconButton>
              </span>
            </div>
          );
        })}
        <Button
          look="quiet"
          disabled={item.choices.length >= MOST}
          onClick={() => {
            const id = newId();
            setAdded(id);
            set({ choices: [...item.choices, { id, text: '' }] });
          }}
        >
          <Plus size={16} aria-hidden /> {messages.editor.addChoice}
        </Button>
      </fieldset>
      <Group title={messages.editor.howMany}>
        <Choose
          label={messages.editor.howMany}
          value={item.several ? 'several' : 'one'}
          options={[
            { value: 'one', name: messages.editor.one },
            { value: 'several', name: messages.editor.severalChoices },
          ]}
          onChange={(choice) =>
            set({ several: choice === 'several', right: choice === 'several' ? item.right : item.right.slice(0, 1) })
          }
        />
        <Tick label={says.shuffled} checked={item.shuffled} onChange={(shuffled) => set({ shuffled })} />
      </Group>
      <PointsField item={item} set={set} />
    </>
  );
}
