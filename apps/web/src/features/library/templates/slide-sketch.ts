/** What the slides that come along are made with: a sketch of one knows its words, and is given its pictures later. */
import type { ItemKindName, OwnFields, Region } from '@gobrel/core/deck';
import type { SceneName } from '@gobrel/core/scenes';
import {
  type Age,
  ages,
  type Doing,
  type Moment,
  type Place,
  type Subject,
  type TemplateAsk,
  type TemplatePicture,
  type TemplateSlide,
} from '@gobrel/core/templates';
import { messages } from '../../../shared/messages';

const says = messages.templateSlides;

/** A question of a kind. */
export const ask = <K extends ItemKindName>(kind: K, fields: Partial<OwnFields<K>>): TemplateAsk => ({ kind, fields });

/** Choices with identifiers c1, c2 and so on. */
export const choices = (texts: readonly string[]) => texts.map((text, at) => ({ id: `c${at + 1}`, text }));

/** How far something is true of oneself, in steps. */
export const scale = (prompt: string) =>
  ask('choice', {
    prompt,
    form: 'scale',
    choices: messages.questions.forms.scale.map((text, at) => ({ id: `scale-${at + 1}`, text })),
    right: [],
  });

/** The place of a picture beside what is asked, below it, or anywhere. */
type At = 'beside' | 'below' | Place;

/** A slide before its pictures are known. */
export type Sketch = (picture: (name: SceneName) => TemplatePicture | null) => TemplateSlide;

interface SketchOf<Id extends keyof typeof says> {
  readonly moment: Moment;
  readonly does: Doing;
  readonly theme: string;
  /** Any where it is not said. */
  readonly subject?: Subject;
  /** All where it is not said. */
  readonly ages?: readonly Age[];
  readonly chart?: (texts: (typeof says)[Id]) => TemplateSlide['chart'];
  readonly scene?: readonly [SceneName, At];
  readonly asks: (texts: (typeof says)[Id], picture: (name: SceneName) => TemplatePicture | null) => TemplateAsk;
}

/** A slide that is called, titled and told about as the catalogue says. */
export const slide =
  <Id extends keyof typeof says>(
    id: Id,
    { moment, does, theme, subject, ages: fitting, chart, scene, asks }: SketchOf<Id>,
  ): Sketch =>
  (picture) => {
    const texts = says[id];
    const { name, title, text = '' }: { name: string; title: string; text?: string } = texts;
    const seen = scene ? picture(scene[0]) : null;
    return {
      id,
      moment,
      does,
      subject: subject ?? null,
      ages: fitting ?? ages,
      chart: chart?.(texts) ?? null,
      theme,
      name,
      title,
      text,
      scene: seen && scene ? { ...seen, at: scene[1] } : null,
      ask: asks(texts, picture),
    };
  };

/** A region of a key around a place on a picture, in shares of it. */
export const around = (id: string, [x, y]: readonly [number, number], width: number, height: number): Region => ({
  id,
  shape: 'oval',
  x: x - width / 2,
  y: y - height / 2,
  width,
  height,
});

/** A question on a picture; without the picture it is asked all the same. */
export const pointAt = (picture: TemplatePicture | null, fields: Partial<OwnFields<'point'>>) =>
  ask('point', { ...(picture ?? {}), ...fields, regions: picture ? (fields.regions ?? []) : [] });
