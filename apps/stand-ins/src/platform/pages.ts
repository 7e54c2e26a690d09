/** The pages of the stand-in for a learning platform. */
import { escaped, page } from '../page.js';
import type { Person } from '../people.js';
import { COURSE, type Placed, PLATFORM_CLIENT, type RunningPlatform } from './course.js';

/** The course, for whoever looks at it. */
export function coursePage(running: RunningPlatform, everybody: readonly Person[], as: Person | undefined): string {
  const who = everybody.map(
    ({ id, name, role }) =>
      `<a class="button" href="/?as=${escaped(id)}"${as?.id === id ? ' aria-current="true"' : ''}>${escaped(name)} (${role})</a>`,
  );
  return page(
    `Learning platform: ${COURSE.title}`,
    `<p class="note">A stand-in for a school’s learning platform. Everybody here is made up.</p>
<h2>Who are you?</h2><p>${who.join(' ')}</p>
${as ? courseFor(running, as) : ''}
${as?.role === 'student' ? '' : setUp(running)}`,
  );
}

function courseFor({ placed }: RunningPlatform, as: Person): string {
  const open = ({ id, title }: Placed) =>
    `<li><a class="button" href="/open/${id}?as=${as.id}">${escaped(title)}</a> <a href="/open/${id}?as=${as.id}&amp;framed=yes">in this page</a></li>`;
  const choose = `<p><a class="button" href="/open/choose?as=${as.id}">Add from Gobrel</a></p>`;
  return `<h2>In this course</h2>
${placed.length === 0 ? '<p>Nothing yet.</p>' : `<ul>${placed.map(open).join('')}</ul>`}
${as.role === 'teacher' ? `${choose}${gradebook(placed)}` : ''}`;
}

function gradebook(placed: readonly Placed[]): string {
  const rows = placed.flatMap(({ lineItem }) =>
    [...(lineItem?.scores ?? [])].map(
      ([, { userId, scoreGiven, scoreMaximum, gradingProgress }]) =>
        `<tr><th scope="row">${escaped(userId)}</th><td>${escaped(lineItem?.label ?? '')}</td><td>${scoreGiven} / ${scoreMaximum}</td><td>${escaped(gradingProgress)}</td></tr>`,
    ),
  );
  return `<h2>Gradebook</h2>
<table><thead><tr><th scope="col">Who</th><th scope="col">What</th><th scope="col">Score</th><th scope="col">State</th></tr></thead>
<tbody>${rows.join('') || '<tr><td colspan="4">No scores yet.</td></tr>'}</tbody></table>`;
}

function setUp({ addresses, tool }: RunningPlatform): string {
  const rows = Object.entries(addresses).map(
    ([name, value]) => `<tr><th scope="row">${name}</th><td><code>${escaped(value)}</code></td></tr>`,
  );
  return `<h2>Setting up</h2>
<p>Enter these in Gobrel, on the page of your school; then say here which id it gave to this platform.</p>
<table><tbody>${rows.join('')}</tbody></table>
<form method="post" action="/tool">
<p><label>Where Gobrel is<br><input name="site" size="40" value="${escaped(tool?.site ?? 'http://127.0.0.1:4170')}"></label></p>
<p><label>Platform ID in Gobrel<br><input name="platformId" size="40" value="${escaped(tool?.platformId ?? '')}"></label></p>
<button>Save</button></form>
<p class="note">Known here as ${escaped(PLATFORM_CLIENT.id)}.</p>`;
}

/** Something of the application's within the platform's own page. */
export function openingPage(address: string): string {
  return page(COURSE.title, `<iframe title="Gobrel" src="${escaped(address)}"></iframe>`);
}

/** Sends a form on by itself. */
export function postingPage(to: string, fields: Readonly<Record<string, string>>): string {
  const inputs = Object.entries(fields).map(
    ([name, value]) => `<input type="hidden" name="${escaped(name)}" value="${escaped(value)}">`,
  );
  return page(
    'One moment …',
    `<form method="post" action="${escaped(to)}">${inputs.join('')}<button>Go on</button></form><script>document.forms[0].submit()</script>`,
  );
}
