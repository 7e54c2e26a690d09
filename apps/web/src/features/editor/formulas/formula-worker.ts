/** Draws formulas apart from the page: the library for it is large, and comes when a deck has the first one. */
import { type DrawnTex, drawTex } from '@gobrel/core/tex';
import { answerQuestions } from '../../../shared/workers';

const tasks = {
  draw: ({ tex, byItself }: { readonly tex: string; readonly byItself: boolean }): DrawnTex => drawTex(tex, byItself),
};

/** What the worker does. */
export type FormulaTasks = typeof tasks;

answerQuestions(tasks);
