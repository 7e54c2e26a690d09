/** The page that tells the HTTP API to people, made of its document. */
import { readFields } from '@gobrel/core/deck';
import { inHtml } from '@gobrel/core/html';
import type { ApiDocument, Json } from './document.js';

const STYLE = `body{font:16px/1.55 system-ui,sans-serif;margin:0;color:#22282a;background:#fffdf7}main{max-width:56rem;margin:0 auto;padding:2rem 1.25rem 4rem}
h1{font-size:2rem;margin:0 0 .5rem}h2{font-size:1.25rem;margin:2.5rem 0 .25rem;overflow-wrap:anywhere}h3{font-size:1rem;margin:1rem 0 .25rem}code{font-family:ui-monospace,monospace;font-size:.95em;overflow-wrap:anywhere}
pre{padding:.75rem 1rem;background:#f0ebdd;overflow:auto}table{border-collapse:collapse;width:100%}th,td{text-align:start;vertical-align:top;padding:.3rem .6rem .3rem 0;border-bottom:1px solid #cfc8b4}th{font-weight:600}
a{color:#17544c}.verb{display:inline-block;min-width:3.5rem;font-weight:700;color:#17544c}
@media(prefers-color-scheme:dark){body{background:#1c1f1e;color:#ece7da}pre{background:#2a2f2d}th,td{border-color:#4a504c}a,.verb{color:#8fd0c4}}`;

/** @param site where the API is, without a slash at its end */
export function docsPage(document: ApiDocument, site: string): string {
  const { info, paths, components } = document;
  const operations = Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, operation]) => operationIn(path, method, operation)),
  );
  const example = `curl -H 'Authorization: Bearer gobrel_…' ${site}/api/v1/classes`;
  return `<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>Gobrel: HTTP API</title>
<style>${STYLE}</style></head>
<body><main>
<h1>HTTP API <small>${inHtml(String(info['version']))}</small></h1>
<p>${inWords(String(info['description']))}</p>
<pre tabindex="0"><code>${inHtml(example)}</code></pre>
<p>The same for programs: <a href="/api/docs/openapi.json">openapi.json</a> (OpenAPI 3.1). Within version 1 nothing is taken away, renamed, or wanted where it was not before.</p>
${operations.join('\n')}
<h2 id="schemas">What is sent and what comes back</h2>
${Object.entries(components.schemas)
  .map(([name, schema]) => schemaIn(name, schema))
  .join('\n')}
</main></body>
</html>
`;
}

function operationIn(path: string, method: string, operation: Json): string {
  const takes = nameIn(operation['requestBody']);
  const answers = Object.entries(readFields(operation['responses']) ?? {}).map(([status, answer]) => {
    const given = nameIn(answer);
    const what =
      status.startsWith('2') && given
        ? `${isList(answer) ? 'list of ' : ''}${linkTo(given)}`
        : inHtml(String(readFields(answer)?.['description'] ?? ''));
    return `<tr><th scope="row">${inHtml(status)}</th><td>${what}</td></tr>`;
  });
  return `<h2 id="${inHtml(String(operation['operationId']))}"><span class="verb">${inHtml(method.toUpperCase())}</span> <code>${inHtml(path)}</code></h2>
<p>${inHtml(String(operation['summary']))} ${inWords(String(operation['description']))}${takes ? ` Takes ${linkTo(takes)}.` : ''}</p>
<table><thead><tr><th scope="col">Status</th><th scope="col">Answer</th></tr></thead><tbody>${answers.join('')}</tbody></table>`;
}

function schemaIn(name: string, schema: Json): string {
  const required = new Set(Array.isArray(schema['required']) ? schema['required'] : []);
  const rows = Object.entries(readFields(schema['properties']) ?? {}).map(([property, part]) => {
    const needed = required.has(property) ? '' : 'may be left out';
    return `<tr><th scope="row"><code>${inHtml(property)}</code></th><td>${kindOf(readFields(part) ?? {})}</td><td>${needed}</td></tr>`;
  });
  return `<h3 id="${inHtml(name)}">${inHtml(name)}</h3>
<table><thead><tr><th scope="col">Name</th><th scope="col">Kind</th><th scope="col">Needed</th></tr></thead><tbody>${rows.join('')}</tbody></table>`;
}

function kindOf(part: Json): string {
  if (typeof part['$ref'] === 'string') return linkTo(part['$ref'].replace('#/components/schemas/', ''));
  if (part['type'] === 'array') return `list of ${kindOf(readFields(part['items']) ?? {})}`;
  if (Array.isArray(part['enum']))
    return part['enum'].map((value) => `<code>${inHtml(String(value))}</code>`).join(', ');
  const limits = [part['format'], part['maxLength'] ? `at most ${String(part['maxLength'])} letters` : null].filter(
    Boolean,
  );
  return inHtml([String(part['type'] ?? 'anything'), ...limits.map(String)].join(', '));
}

/** The name of the schema of what is sent or comes back; `null` for none. */
function nameIn(part: unknown): string | null {
  return /#\/components\/schemas\/(\w+)/.exec(JSON.stringify(part ?? {}))?.[1] ?? null;
}

/** Whether a list of them comes back. */
function isList(part: unknown): boolean {
  return JSON.stringify(part).includes('"type":"array"');
}

function linkTo(name: string): string {
  return `<a href="#${inHtml(name)}">${inHtml(name)}</a>`;
}

/** Text in which code stands between backticks. */
function inWords(text: string): string {
  return inHtml(text).replaceAll(/`([^`]*)`/g, '<code>$1</code>');
}
