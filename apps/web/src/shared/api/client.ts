/** Talks to the server. Every failure becomes a Refusal, which has words for a person. */
import { isProblem, type Problem } from '@gobrel/contract';
import { faultInWords, messages, problemInWords } from '../messages';
import { noteServerTime } from './clock';

/** A request that did not succeed; `problem.status` is 0 when the server was not reached. */
export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(problem.code);
  }
}

/** Whether an error is a refusal with some code. */
export function isRefusedAs(error: unknown, code: Problem['code']): boolean {
  return error instanceof Refusal && error.problem.code === code;
}

type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

/** Sends a request and gives the answer's JSON. Throws a Refusal. */
export async function ask<T>(method: Method, path: string, body?: object): Promise<T> {
  const isForm = body instanceof FormData;
  const init: RequestInit = { method, credentials: 'same-origin' };
  if (isForm) init.body = body;
  else if (body) Object.assign(init, { body: JSON.stringify(body), headers: { 'Content-Type': 'application/json' } });
  const response = await fetch(`/api${path}`, init).catch(() => null);
  if (!response) throw new Refusal({ status: 0, code: 'offline' });
  noteServerTime(response.headers.get('date'));
  const text = await response.text();
  const answer: unknown = text === '' ? undefined : parse(text);
  // Whoever asks says what the server gives to it; both read it from the contract.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  if (response.ok) return answer as T;
  throw new Refusal(isProblem(answer) ? answer : { status: response.status, code: 'offline' });
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

/** Whether a failure may pass by itself: the server was not reached, or could not work just now. */
export function mayPass(error: unknown): boolean {
  return error instanceof Refusal && (error.problem.status === 0 || error.problem.status >= 500);
}

/** The words of whatever went wrong. */
export function messageOf(error: unknown): string {
  return error instanceof Refusal ? problemInWords(error.problem) : messages.common.somethingWrong;
}

/** The words of a code that an address brought; `null` where there are none. */
export function wordsOfCode(code: string | null): string | null {
  const problem: unknown = { status: 400, code };
  return isProblem(problem) ? problemInWords(problem) : null;
}

/** What is wrong with single fields of what was sent, in words by their names; empty when that is not the trouble. */
export function faultsOf(error: unknown): Readonly<Record<string, string | undefined>> {
  if (!(error instanceof Refusal)) return {};
  return Object.fromEntries(
    Object.entries(error.problem.fields ?? {}).map(([name, fault]) => [name, faultInWords(fault)]),
  );
}

/** The address of a sticker of the collection. */
export function stickerUrl(sticker: string): string {
  return `/stickers/${sticker}.svg`;
}

/** The address of the first picture of a stored moving one. */
export function stillUrl(pictureId: string): string {
  return `/api/pictures/${pictureId}/still`;
}

/** The address of a stored file. */
export function fileUrl(file: string): string {
  return `/api/files/${file}`;
}

/** The address of what a student spoke in a lesson. */
export function soundUrl(lessonId: string, participantId: string, itemId: string): string {
  return `/api/lessons/${lessonId}/sounds/${participantId}/${itemId}`;
}

/** The address of a stored picture. */
export function pictureUrl(pictureId: string): string {
  return `/api/pictures/${pictureId}`;
}

/** Where a picture of the library is; small, to choose from, or whole. */
export function libraryUrl(name: string, width: 'small' | 'whole'): string {
  return `/api/picture-library/${encodeURIComponent(name)}${width === 'small' ? '/small' : ''}`;
}
