/** The one shape of an error, in words that say what to do. */
export interface Problem {
  readonly status: number;
  readonly code: string;
  readonly message: string;
  /** What is wrong with single fields of a form, by the field's name. */
  readonly fields?: Readonly<Record<string, string>>;
}

/** Whether a response body is a problem. */
export function isProblem(value: unknown): value is Problem {
  return (
    typeof value === 'object' &&
    value !== null &&
    typeof (value as Problem).status === 'number' &&
    typeof (value as Problem).message === 'string'
  );
}
