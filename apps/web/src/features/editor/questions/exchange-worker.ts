/** Packs and unpacks question files apart from the page: a package can be large, or made to be. */
import {
  type NotCarried,
  type PackagePicture,
  type QuestionDraft,
  readQtiPackage,
  readQuestionsCsv,
  type WrittenPackage,
  writeQtiPackage,
} from '@gobrel/core/formats';

/** What the worker is asked. */
export type ExchangeTask =
  | {
      readonly type: 'write';
      readonly drafts: readonly QuestionDraft[];
      readonly pictures: ReadonlyMap<string, PackagePicture>;
    }
  | { readonly type: 'read'; readonly bytes: Uint8Array; readonly isTable: boolean };

/** Questions that came out of a file, with the pictures they show. */
export interface ReadQuestions {
  readonly questions: readonly { readonly draft: QuestionDraft; readonly picture: Uint8Array | null }[];
  readonly left: readonly NotCarried[];
}

/** What it answers. */
export type ExchangeResult = WrittenPackage | ReadQuestions;

self.addEventListener('message', ({ data }: MessageEvent<ExchangeTask>) => {
  self.postMessage(resultOf(data));
});

function resultOf(task: ExchangeTask): ExchangeResult {
  if (task.type === 'write') return writeQtiPackage(task.drafts, task.pictures);
  if (!task.isTable) return readQtiPackage(task.bytes);
  const { drafts, left } = readQuestionsCsv(new TextDecoder().decode(task.bytes));
  return { questions: drafts.map((draft) => ({ draft, picture: null })), left };
}
