/** Every route of the server, with something to ask of it and what each kind of caller is answered. */

/** Who calls: nobody, the owner, another teacher, a student of the lesson. */
export type Caller = 'nobody' | 'owner' | 'other' | 'student';

interface RouteCase {
  readonly route: string;
  readonly path?: string;
  readonly body?: unknown;
  /** The status each caller gets. */
  readonly expected: Readonly<Record<Caller, number>>;
}

const anyone = (status: number) => ({ nobody: status, owner: status, other: status, student: status });
const teachers = (status: number) => ({ nobody: 401, owner: status, other: status, student: 403 });
const ownerOnly = (status: number) => ({ nobody: 401, owner: status, other: 404, student: 403 });
const students = (status: number) => ({ nobody: 401, owner: 403, other: 403, student: status });

const signedIn = (status: number) => ({ nobody: 401, owner: status, other: status, student: status });

const handOut = { deckId: 'night-walk', classId: '6-heron', workMode: 'copy-each', pace: 'own-pace' };
const account = { name: 'X', email: 'odile@marrambay.example', password: 'long enough for one' };

/** Every route of the server. Ones that change something come after those that only look. */
export const routeTable: readonly RouteCase[] = [
  { route: 'GET /api/health', expected: anyone(200) },
  { route: 'GET /api/ready', expected: anyone(200) },
  { route: 'GET /metrics', expected: anyone(200) },
  { route: 'GET /api/session', expected: anyone(200) },
  { route: 'POST /api/accounts', body: account, expected: anyone(409) },
  { route: 'POST /api/session', body: { email: 'x@y.example', password: 'z' }, expected: anyone(401) },
  { route: 'POST /api/accounts/forgotten-password', body: { email: 'x@y.example' }, expected: anyone(204) },
  {
    route: 'POST /api/accounts/new-password',
    body: { token: 'none', password: 'a lamp in the reeds' },
    expected: anyone(410),
  },
  { route: 'PUT /api/accounts/password', body: { present: 'z', password: 'short' }, expected: teachers(422) },
  { route: 'GET /api/accounts/everything', expected: teachers(200) },
  { route: 'POST /api/accounts/leave', body: { present: 'not this one' }, expected: teachers(422) },
  { route: 'PUT /api/accounts/name', body: { name: '' }, expected: teachers(422) },
  {
    route: 'PUT /api/accounts/email',
    body: { email: 'x@y.example', present: 'not the password' },
    expected: teachers(422),
  },
  { route: 'POST /api/accounts/email/confirm', body: { token: 'none' }, expected: anyone(410) },
  { route: 'GET /api/accounts/devices', expected: teachers(200) },
  { route: 'DELETE /api/accounts/devices/:id', path: '/api/accounts/devices/none', expected: teachers(204) },
  { route: 'DELETE /api/accounts/devices', expected: teachers(204) },
  { route: 'GET /api/outbox', expected: anyone(200) },
  { route: 'PUT /api/accounts/language', body: { language: 'en' }, expected: teachers(204) },
  { route: 'GET /api/picture-library', path: '/api/picture-library?find=crab', expected: signedIn(200) },
  { route: 'GET /api/picture-library/:name', path: '/api/picture-library/crab', expected: signedIn(200) },
  { route: 'GET /api/picture-library/:name/small', path: '/api/picture-library/none/small', expected: signedIn(404) },
  { route: 'GET /api/decks', expected: teachers(200) },
  { route: 'GET /api/decks/deleted', expected: teachers(200) },
  { route: 'GET /api/decks/find', path: '/api/decks/find?words=otter', expected: teachers(200) },
  { route: 'GET /api/decks/:id', path: '/api/decks/night-walk', expected: ownerOnly(200) },
  { route: 'POST /api/decks', body: { title: 'New' }, expected: teachers(201) },
  { route: 'POST /api/decks/sample', expected: teachers(201) },
  {
    route: 'POST /api/decks/shelve',
    body: { deckIds: ['night-walk'], archived: false },
    expected: ownerOnly(204),
  },
  { route: 'GET /api/units', expected: teachers(200) },
  { route: 'POST /api/units', body: { name: 'Market day' }, expected: teachers(201) },
  { route: 'PATCH /api/units/:id', path: '/api/units/none', body: { name: 'Tides' }, expected: teachers(404) },
  { route: 'DELETE /api/units/:id', path: '/api/units/none', expected: teachers(404) },
  {
    route: 'PATCH /api/decks/:id',
    path: '/api/decks/night-walk',
    body: { title: 'Night walk' },
    expected: ownerOnly(200),
  },
  { route: 'POST /api/decks/:id/copy', path: '/api/decks/night-walk/copy', expected: ownerOnly(201) },
  { route: 'GET /api/decks/:id/backup', path: '/api/decks/night-walk/backup', expected: ownerOnly(200) },
  { route: 'GET /api/decks/:id/authors', path: '/api/decks/night-walk/authors', expected: ownerOnly(200) },
  {
    route: 'POST /api/decks/:id/authors',
    path: '/api/decks/night-walk/authors',
    body: { email: 'odile@marrambay.example' },
    expected: ownerOnly(201),
  },
  {
    route: 'PATCH /api/decks/:id/authors/:authorId',
    path: '/api/decks/night-walk/authors/nobody',
    body: { may: 'view' },
    expected: ownerOnly(200),
  },
  {
    route: 'DELETE /api/decks/:id/authors/:authorId',
    path: '/api/decks/night-walk/authors/nobody',
    expected: ownerOnly(204),
  },
  { route: 'GET /api/invitations/:token', path: '/api/invitations/none', expected: anyone(410) },
  { route: 'POST /api/invitations/:token/accept', path: '/api/invitations/none/accept', expected: teachers(410) },
  { route: 'GET /api/decks/:id/shares', path: '/api/decks/night-walk/shares', expected: ownerOnly(200) },
  {
    route: 'PUT /api/decks/:id/shares/:kind',
    path: '/api/decks/night-walk/shares/show',
    body: {},
    expected: ownerOnly(200),
  },
  {
    route: 'DELETE /api/decks/:id/shares/:kind',
    path: '/api/decks/night-walk/shares/show',
    expected: ownerOnly(200),
  },
  { route: 'DELETE /api/decks/:id/shares', path: '/api/decks/night-walk/shares', expected: ownerOnly(200) },
  { route: 'GET /api/shows/:address', path: '/api/shows/none', expected: anyone(404) },
  { route: 'GET /api/shows/:address/news', path: '/api/shows/none/news', expected: anyone(404) },
  {
    route: 'POST /api/shows/:address/pass',
    path: '/api/shows/none/pass',
    body: { passcode: 'x' },
    expected: anyone(404),
  },
  { route: 'POST /api/shows/:address/looks', path: '/api/shows/none/looks', expected: anyone(404) },
  {
    route: 'POST /api/shows/:address/checks',
    path: '/api/shows/none/checks',
    body: { work: {}, itemIds: [], tries: {} },
    expected: anyone(404),
  },
  { route: 'POST /api/shows/:address/copy', path: '/api/shows/none/copy', expected: teachers(404) },
  { route: 'POST /api/shows/:address/join', path: '/api/shows/none/join', expected: teachers(404) },
  { route: 'GET /api/shows/:address/pictures/:id', path: '/api/shows/none/pictures/none', expected: anyone(404) },
  {
    route: 'GET /api/shows/:address/pictures/:id/still',
    path: '/api/shows/none/pictures/none/still',
    expected: anyone(404),
  },
  { route: 'GET /api/shows/:address/files/:id', path: '/api/shows/none/files/none', expected: anyone(404) },
  {
    route: 'POST /api/decks/:id/following',
    path: '/api/decks/night-walk/following',
    body: { keeps: false, stop: { slideId: 'nowhere', viewpointId: null, appeared: 0 } },
    expected: ownerOnly(422),
  },
  { route: 'GET /api/followings/:address', path: '/api/followings/none', expected: teachers(404) },
  {
    route: 'POST /api/followings/:address/steps',
    path: '/api/followings/none/steps',
    body: { stop: {} },
    expected: teachers(404),
  },
  { route: 'POST /api/followings/:address/end', path: '/api/followings/none/end', expected: teachers(404) },
  { route: 'GET /api/oembed', path: '/api/oembed?url=x', expected: anyone(404) },
  { route: 'GET /api/decks/:id/versions', path: '/api/decks/night-walk/versions', expected: ownerOnly(200) },
  {
    route: 'POST /api/decks/:id/versions',
    path: '/api/decks/night-walk/versions',
    body: { name: 'Before the hour' },
    expected: ownerOnly(201),
  },
  {
    route: 'GET /api/decks/:id/versions/:versionId',
    path: '/api/decks/night-walk/versions/none',
    expected: ownerOnly(404),
  },
  { route: 'GET /api/themes', expected: teachers(200) },
  { route: 'POST /api/themes', body: { theme: {} }, expected: teachers(201) },
  { route: 'DELETE /api/themes/:id', path: '/api/themes/none', expected: teachers(404) },
  { route: 'GET /api/templates', expected: teachers(200) },
  { route: 'GET /api/templates/scenes', expected: teachers(200) },
  {
    route: 'POST /api/templates',
    body: { name: 'Mine', moment: 'practising', does: ['choose'], deck: {} },
    expected: teachers(422),
  },
  { route: 'DELETE /api/templates/:id', path: '/api/templates/none', expected: teachers(404) },
  {
    route: 'POST /api/templates/:id/shares',
    path: '/api/templates/none/shares',
    body: { email: 'odile@marrambay.example' },
    expected: teachers(404),
  },
  {
    route: 'DELETE /api/templates/:id/shares/:colleagueId',
    path: '/api/templates/none/shares/nobody',
    expected: teachers(404),
  },
  { route: 'POST /api/pictures/kept', body: { ids: [] }, expected: teachers(200) },
  {
    route: 'GET /api/pictures/:id/still',
    path: '/api/pictures/unknown/still',
    expected: { nobody: 401, owner: 404, other: 404, student: 404 },
  },
  {
    route: 'GET /api/pictures/:id',
    path: '/api/pictures/unknown',
    expected: { nobody: 401, owner: 404, other: 404, student: 404 },
  },
  { route: 'POST /api/pictures', expected: teachers(422) },
  {
    route: 'GET /api/files/:id',
    path: '/api/files/unknown',
    expected: { nobody: 401, owner: 404, other: 404, student: 404 },
  },
  { route: 'POST /api/files', body: { name: 'song.mp3' }, expected: teachers(422) },
  { route: 'GET /api/classes', expected: teachers(200) },
  { route: 'POST /api/classes', body: { name: 'N', students: ['A'] }, expected: teachers(201) },
  {
    route: 'DELETE /api/classes/:id/students/:studentId/pin',
    path: '/api/classes/6-heron/students/heron-02/pin',
    expected: ownerOnly(204),
  },
  {
    route: 'PATCH /api/classes/:id',
    path: '/api/classes/6-heron',
    body: { name: '6 Heron' },
    expected: ownerOnly(200),
  },
  {
    route: 'POST /api/classes/:id/students',
    path: '/api/classes/6-heron/students',
    body: { students: ['Zora Vale'] },
    expected: ownerOnly(201),
  },
  {
    route: 'PATCH /api/classes/:id/students/:studentId',
    path: '/api/classes/6-heron/students/heron-02',
    body: { group: 'Terns' },
    expected: ownerOnly(204),
  },
  {
    route: 'GET /api/classes/:id/students/:studentId/data',
    path: '/api/classes/6-heron/students/heron-02/data',
    expected: ownerOnly(200),
  },
  {
    route: 'DELETE /api/classes/:id/students/:studentId',
    path: '/api/classes/6-heron/students/heron-24',
    expected: ownerOnly(204),
  },
  { route: 'GET /api/classes/:id/gradebook', path: '/api/classes/6-heron/gradebook', expected: ownerOnly(200) },
  { route: 'GET /api/lessons', expected: teachers(200) },
  { route: 'GET /api/lessons/:id', path: '/api/lessons/shore-lesson', expected: ownerOnly(200) },
  { route: 'GET /api/lessons/:id/edition', path: '/api/lessons/shore-lesson/edition', expected: ownerOnly(200) },
  { route: 'GET /api/lessons/:id/marks', path: '/api/lessons/shore-lesson/marks', expected: ownerOnly(200) },
  {
    route: 'POST /api/lessons/:id/hold',
    path: '/api/lessons/shore-lesson/hold',
    body: { held: false },
    expected: ownerOnly(200),
  },
  {
    route: 'GET /api/lessons/:id/sounds/:participantId/:itemId',
    path: '/api/lessons/shore-lesson/sounds/nobody/nothing',
    expected: ownerOnly(404),
  },
  {
    route: 'PATCH /api/lessons/:id',
    path: '/api/lessons/shore-lesson',
    body: { terms: { late: true } },
    expected: ownerOnly(200),
  },
  {
    route: 'DELETE /api/lessons/:id/participants/:participantId',
    path: '/api/lessons/shore-lesson/participants/nobody',
    expected: ownerOnly(404),
  },
  {
    route: 'POST /api/lessons/:id/participants/:participantId/restore',
    path: '/api/lessons/shore-lesson/participants/nobody/restore',
    expected: ownerOnly(404),
  },
  {
    route: 'DELETE /api/lessons/:id/participants/:participantId/pin',
    path: '/api/lessons/shore-lesson/participants/nobody/pin',
    expected: ownerOnly(404),
  },
  { route: 'GET /api/lessons/:id/file', path: '/api/lessons/shore-lesson/file', expected: ownerOnly(200) },
  { route: 'GET /api/lessons/:id/correction', path: '/api/lessons/shore-lesson/correction', expected: ownerOnly(200) },
  { route: 'POST /api/lessons/:id/correction', path: '/api/lessons/shore-lesson/correction', expected: ownerOnly(200) },
  {
    route: 'POST /api/lessons/:id/slides',
    path: '/api/lessons/shore-lesson/slides',
    body: { after: null, slide: {} },
    expected: ownerOnly(422),
  },
  {
    route: 'POST /api/lessons/:id/again',
    path: '/api/lessons/shore-lesson/again',
    body: { classId: '6-heron' },
    expected: ownerOnly(201),
  },
  { route: 'POST /api/lessons/:id/deck', path: '/api/lessons/cards-lesson/deck', expected: ownerOnly(201) },
  { route: 'GET /api/lessons/:id/reviews', path: '/api/lessons/shore-lesson/reviews', expected: ownerOnly(200) },
  {
    route: 'PUT /api/lessons/:id/reviews/:participantId',
    path: '/api/lessons/shore-lesson/reviews/nobody',
    body: { review: {} },
    expected: ownerOnly(404),
  },
  {
    route: 'POST /api/lessons/:id/reviews/:participantId/return',
    path: '/api/lessons/shore-lesson/reviews/nobody/return',
    expected: ownerOnly(404),
  },
  {
    route: 'POST /api/lessons/:id/reviews/:participantId/return/undo',
    path: '/api/lessons/shore-lesson/reviews/nobody/return/undo',
    body: { releasedAt: null, returnedAt: null },
    expected: ownerOnly(404),
  },
  {
    route: 'POST /api/lessons/:id/release',
    path: '/api/lessons/shore-lesson/release',
    body: {},
    expected: ownerOnly(200),
  },
  { route: 'POST /api/lessons', body: handOut, expected: ownerOnly(201) },
  { route: 'GET /api/join/:code', path: '/api/join/HRNS427', expected: anyone(200) },
  { route: 'POST /api/join', body: { code: 'HRNS427', studentId: 'nobody', pin: '1111' }, expected: anyone(404) },
  { route: 'POST /api/join/guest', body: { code: 'HRNS427', name: 'Kit' }, expected: anyone(403) },
  { route: 'GET /api/my-lesson', expected: students(200) },
  { route: 'GET /api/my-lesson/others', expected: students(200) },
  { route: 'POST /api/my-lesson/signals', body: { hand: true }, expected: students(204) },
  { route: 'GET /api/my-lesson/edition', expected: students(200) },
  {
    route: 'POST /api/my-lesson/checks/:itemId',
    path: '/api/my-lesson/checks/pick-tide',
    expected: students(404),
  },
  { route: 'POST /api/my-lesson/checks', body: { itemIds: [] }, expected: students(200) },
  { route: 'POST /api/my-lesson/submission', body: { key: 'a-key-of-mine' }, expected: students(200) },
  { route: 'DELETE /api/my-lesson/submission', expected: students(200) },
  { route: 'DELETE /api/decks/:id', path: '/api/decks/night-walk', expected: ownerOnly(204) },
  { route: 'POST /api/decks/:id/restore', path: '/api/decks/night-walk/restore', expected: ownerOnly(201) },
  { route: 'POST /api/lessons/:id/close', path: '/api/lessons/shore-lesson/close', expected: ownerOnly(200) },
  { route: 'POST /api/lessons/:id/reopen', path: '/api/lessons/shore-lesson/reopen', expected: ownerOnly(200) },
  { route: 'DELETE /api/lessons/:id', path: '/api/lessons/watch-lesson', expected: ownerOnly(204) },
  { route: 'POST /api/classes/:id/pins', path: '/api/classes/6-heron/pins', expected: ownerOnly(200) },
  { route: 'DELETE /api/session', expected: anyone(204) },
  { route: 'DELETE /api/session/student', expected: anyone(204) },
];
