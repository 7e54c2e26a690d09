/** Pays tolls apart from the page. */
import { payToll, type Toll } from '@gobrel/core/toll';
import { answerQuestions } from '../workers';

const tasks = {
  pay: ({ purpose, toll }: { readonly purpose: string; readonly toll: Toll }): string => payToll(purpose, toll),
};

/** What the worker does. */
export type TollTasks = typeof tasks;

answerQuestions(tasks);
