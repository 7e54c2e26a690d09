/** A part of an answer that is kept here, as a player asks for it that seeks (RFC 9110, 14). */

/** Where a range of bytes begins and ends, the end included; `null` when it is none that can be had. */
export function readRange(header: string, size: number): { readonly from: number; readonly to: number } | null {
  const [, first = '', last = ''] = /^bytes=(\d*)-(\d*)$/.exec(header.trim()) ?? [];
  if (first === '' && last === '') return null;
  const from = first === '' ? Math.max(0, size - Number(last)) : Number(first);
  const to = first === '' || last === '' ? size - 1 : Math.min(Number(last), size - 1);
  return from <= to ? { from, to } : null;
}

/** The part that was asked for. */
export async function partOf(answer: Response, header: string): Promise<Response> {
  const whole = await answer.blob();
  const range = readRange(header, whole.size);
  if (!range) return new Response(null, { status: 416, headers: { 'Content-Range': `bytes */${String(whole.size)}` } });
  const headers = new Headers(answer.headers);
  headers.set('Content-Range', `bytes ${String(range.from)}-${String(range.to)}/${String(whole.size)}`);
  headers.set('Content-Length', String(range.to - range.from + 1));
  return new Response(whole.slice(range.from, range.to + 1), { status: 206, headers });
}
