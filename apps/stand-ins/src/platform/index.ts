/**
 * A stand-in for a school's learning platform (LTI 1.3): a course with a gradebook, in which one is whoever one chooses. For trying out and for
 * tests; everything is in memory, and it guards nothing but what the standard makes it guard.
 */
import express, { type Express } from 'express';
import { createRemoteJWKSet, exportJWK, generateKeyPair, type JWTPayload, jwtVerify, SignJWT } from 'jose';
import { randomUUID } from 'node:crypto';
import { listening } from '../listening.js';
import { people, type Person, personBy } from '../people.js';
import { fieldsOf, numberIn, textIn } from '../sent.js';
import { claims, messageTypes, roleOf, scopes } from './claims.js';
import { COURSE, type LineItem, type Placed, PLATFORM_CLIENT, type RunningPlatform, type Score } from './course.js';
import { coursePage, openingPage, postingPage } from './pages.js';

export { COURSE, PLATFORM_CLIENT, type RunningPlatform } from './course.js';

/** How many members are told at once: few, so that whoever asks has to ask again. */
const MEMBERS_AT_ONCE = 2;

/** Starts it. @param port 0 for any that is free */
export async function startPlatform(port: number): Promise<RunningPlatform> {
  const app = express();
  const server = app.listen(port, '127.0.0.1');
  const issuer = await listening(server);
  const running: RunningPlatform = {
    issuer,
    addresses: {
      ...{ issuer, clientId: PLATFORM_CLIENT.id, deploymentId: PLATFORM_CLIENT.deployment },
      ...{ signInUrl: `${issuer}/authorize`, tokenUrl: `${issuer}/token`, keysUrl: `${issuer}/keys` },
    },
    placed: [],
    more: [],
    tool: null,
    mischief: {},
    stop: () =>
      new Promise((resolve) => {
        server.closeAllConnections();
        server.close(() => resolve());
      }),
  };
  app.use(express.urlencoded({ extended: false, limit: '200kb' }));
  app.use(express.json({ type: ['application/json', 'application/*+json'] }));
  showCourse(app, running);
  await tellWhoSomebodyIs(app, running);
  giveTokens(app, running);
  tellMembers(app, running);
  takeScores(app, running);
  takeWhatWasChosen(app, running);
  return running;
}

/** The pages of the course, for whoever one chooses to be. */
function showCourse(app: Express, running: RunningPlatform): void {
  app.get('/', (request, response) => {
    response.send(coursePage(running, people, personBy(String(request.query['as'] ?? ''))));
  });
  app.post('/tool', (request, response) => {
    const said = fieldsOf(request.body);
    running.tool = { site: textIn(said, 'site').replace(/\/$/, ''), platformId: textIn(said, 'platformId').trim() };
    response.redirect('/');
  });
  // What opens something of the application's: in the page, or in a tab of its own.
  app.get('/open/:what', (request, response) => {
    const person = personIn(running, String(request.query['as'] ?? ''));
    const { tool } = running;
    if (!tool || !person) return void response.status(404).send('Say first who you are, and where Gobrel is.');
    const address = new URL(`${tool.site}/api/lti/${tool.platformId}/login`);
    const asked = {
      ...{ iss: running.issuer, client_id: PLATFORM_CLIENT.id, lti_deployment_id: PLATFORM_CLIENT.deployment },
      ...{ login_hint: person.id, lti_message_hint: request.params.what },
      target_link_uri: `${tool.site}/api/lti/${tool.platformId}/launch`,
    };
    for (const [name, value] of Object.entries(asked)) address.searchParams.set(name, value);
    if (request.query['framed'] === 'yes') return void response.send(openingPage(address.href));
    response.redirect(address.href);
  });
}

/** Somebody of the course by their id. */
function personIn({ more }: RunningPlatform, id: string): Person | undefined {
  return personBy(id) ?? more.find((person) => person.id === id);
}

/** Says who somebody is, in a signed token, to whoever asks for it rightly. */
async function tellWhoSomebodyIs(app: Express, running: RunningPlatform): Promise<void> {
  const own = await generateKeyPair('RS256', { extractable: true });
  const foreign = await generateKeyPair('RS256');
  const published = { ...(await exportJWK(own.publicKey)), kid: 'platform-1', alg: 'RS256', use: 'sig' };
  app.get('/keys', (_request, response) => void response.json({ keys: [published] }));
  app.get('/authorize', async (request, response) => {
    const asked = (name: string) => String(request.query[name] ?? '');
    const { tool } = running;
    const person = personIn(running, asked('login_hint'));
    const wrong =
      !tool ||
      !person ||
      asked('client_id') !== PLATFORM_CLIENT.id ||
      asked('redirect_uri') !== `${tool.site}/api/lti/${tool.platformId}/launch` ||
      asked('response_type') !== 'id_token' ||
      asked('response_mode') !== 'form_post' ||
      asked('scope') !== 'openid' ||
      asked('nonce') === '';
    if (wrong) return void response.status(400).send('This is not asked for as the standard says.');
    const key = running.mischief.signsFalsely ? foreign.privateKey : own.privateKey;
    const token = await new SignJWT({
      ...{ nonce: asked('nonce'), name: person.name, email: person.email },
      ...launchClaims(running, person, asked('lti_message_hint')),
      ...running.mischief.says,
    })
      .setProtectedHeader({ alg: 'RS256', kid: 'platform-1' })
      .setIssuer(String(running.mischief.says?.iss ?? running.issuer))
      .setAudience(String(running.mischief.says?.aud ?? PLATFORM_CLIENT.id))
      .setSubject(person.id)
      .setIssuedAt()
      .setExpirationTime('5m')
      .sign(key);
    response.send(postingPage(asked('redirect_uri'), { id_token: token, state: asked('state') }));
  });
}

function launchClaims(running: RunningPlatform, person: Person, what: string): JWTPayload {
  const common = {
    [claims.version]: '1.3.0',
    [claims.deploymentId]: PLATFORM_CLIENT.deployment,
    [claims.roles]: [roleOf(person.role)],
    [claims.context]: { ...COURSE, type: ['http://purl.imsglobal.org/vocab/lis/v2/course#CourseSection'] },
    [claims.lis]: { person_sourcedid: person.id },
    [claims.members]: { context_memberships_url: `${running.issuer}/members`, service_versions: ['2.0'] },
  };
  if (what === 'choose')
    return {
      ...common,
      [claims.messageType]: messageTypes.choose,
      [claims.choosing]: {
        ...{ deep_link_return_url: `${running.issuer}/chosen`, accept_types: ['ltiResourceLink'] },
        ...{ accept_presentation_document_targets: ['window'], accept_multiple: false, data: 'for 6 Heron' },
      },
    };
  const placed = running.placed.find(({ id }) => id === what);
  return {
    ...common,
    [claims.messageType]: messageTypes.open,
    [claims.targetLink]: placed?.url ?? '',
    [claims.resource]: { id: what, title: placed?.title ?? 'Something to choose' },
    [claims.custom]: placed?.custom ?? {},
    [claims.grades]: {
      ...{ scope: [scopes.lineItem, scopes.score], lineitems: `${running.issuer}/line-items` },
      ...(placed?.lineItem ? { lineitem: `${running.issuer}/line-items/${placed.lineItem.id}?of=${COURSE.id}` } : {}),
    },
  };
}

/** Tokens by which something may be asked, for whoever proves by their key that they are the application. */
const tokens = new Map<string, readonly string[]>();

function giveTokens(app: Express, running: RunningPlatform): void {
  app.post('/token', async (request, response) => {
    const body = fieldsOf(request.body);
    try {
      const keys = createRemoteJWKSet(new URL(`${running.tool?.site ?? ''}/api/lti/keys`));
      const { payload } = await jwtVerify(textIn(body, 'client_assertion'), keys, {
        ...{ issuer: PLATFORM_CLIENT.id, subject: PLATFORM_CLIENT.id, audience: `${running.issuer}/token` },
        requiredClaims: ['jti', 'exp'],
      });
      if (body['grant_type'] !== 'client_credentials' || !payload.jti) throw new Error('asked for otherwise');
    } catch (error) {
      return void response.status(400).json({ error: 'invalid_client', error_description: String(error) });
    }
    const token = randomUUID();
    const known: readonly string[] = Object.values(scopes);
    tokens.set(
      token,
      textIn(body, 'scope')
        .split(' ')
        .filter((scope) => known.includes(scope)),
    );
    response.json({ access_token: token, token_type: 'Bearer', expires_in: 3600, scope: body['scope'] });
  });
}

/** Whether what is asked comes with a token for it. */
function isAllowed(header: string | undefined, scope: string): boolean {
  return (tokens.get((header ?? '').replace(/^Bearer /, '')) ?? []).includes(scope);
}

/** Who is in the course, a few at once. */
function tellMembers(app: Express, running: RunningPlatform): void {
  app.get('/members', (request, response) => {
    if (!isAllowed(request.headers.authorization, scopes.members)) return void response.status(401).end();
    const all = [...people, ...running.more];
    const from = Number(request.query['from'] ?? 0);
    const next = from + MEMBERS_AT_ONCE;
    if (next < all.length) response.setHeader('Link', `<${running.issuer}/members?from=${next}>; rel="next"`);
    response.type('application/vnd.ims.lti-nrps.v2.membershipcontainer+json').send(
      JSON.stringify({
        ...{ id: `${running.issuer}/members`, context: COURSE },
        members: all.slice(from, next).map(({ id, name, email, role }) => ({
          ...{ status: 'Active', user_id: id, name, email, lis_person_sourcedid: id, roles: [roleOf(role)] },
        })),
      }),
    );
  });
}

/** The gradebook. */
function takeScores(app: Express, running: RunningPlatform): void {
  app.post('/line-items', (request, response) => {
    if (!isAllowed(request.headers.authorization, scopes.lineItem)) return void response.status(401).end();
    const body = fieldsOf(request.body);
    const placed = running.placed.find(({ id }) => id === textIn(body, 'resourceLinkId'));
    const lineItem = newLineItem(textIn(body, 'label'), numberIn(body, 'scoreMaximum'));
    if (placed) placed.lineItem = lineItem;
    response.status(201).json({ ...body, id: `${running.issuer}/line-items/${lineItem.id}` });
  });
  app.post('/line-items/:id/scores', (request, response) => {
    if (!isAllowed(request.headers.authorization, scopes.score)) return void response.status(401).end();
    const refused = running.mischief.refusesScores;
    if (refused !== undefined) return void response.status(refused).send('The gradebook is being mended.');
    const lineItem = running.placed.find((placed) => placed.lineItem?.id === request.params['id'])?.lineItem;
    const score = scoreIn(fieldsOf(request.body));
    if (!lineItem) return void response.status(404).send('There is no such column.');
    if (score.scoreMaximum <= 0 || score.timestamp === '') return void response.status(400).send('This is no score.');
    lineItem.scores.set(score.userId, score);
    response.status(204).end();
  });
}

/** What a teacher chose comes back, signed by the application. */
function takeWhatWasChosen(app: Express, running: RunningPlatform): void {
  app.post('/chosen', async (request, response) => {
    const message = textIn(fieldsOf(request.body), 'JWT');
    try {
      const keys = createRemoteJWKSet(new URL(`${running.tool?.site ?? ''}/api/lti/keys`));
      const { payload } = await jwtVerify(message, keys, { issuer: PLATFORM_CLIENT.id, audience: running.issuer });
      if (payload[claims.data] !== 'for 6 Heron') throw new Error('it answers to nothing that was asked');
      const items: unknown = payload[claims.contentItems];
      for (const item of Array.isArray(items) ? items : []) running.placed.push(placedFrom(fieldsOf(item)));
      response.redirect(303, '/?as=mbs-odile');
    } catch (error) {
      response.status(400).send(`What came back is not right: ${String(error)}`);
    }
  });
}

/** A score, of what the standard calls its parts. */
function scoreIn(sent: Readonly<Record<string, unknown>>): Score {
  const text = (name: string) => textIn(sent, name);
  return {
    ...{ userId: text('userId'), timestamp: text('timestamp') },
    ...{ scoreGiven: numberIn(sent, 'scoreGiven'), scoreMaximum: numberIn(sent, 'scoreMaximum') },
    ...{ activityProgress: text('activityProgress'), gradingProgress: text('gradingProgress') },
  };
}

/** Something that was chosen. */
function placedFrom(item: Readonly<Record<string, unknown>>): Placed {
  const title = textIn(item, 'title');
  const custom = fieldsOf(item['custom']);
  const column = item['lineItem'] === undefined ? null : fieldsOf(item['lineItem']);
  return {
    ...{ id: randomUUID(), title, url: textIn(item, 'url') },
    custom: Object.fromEntries(Object.keys(custom).map((name) => [name, textIn(custom, name)])),
    lineItem: column && newLineItem(textIn(column, 'label') || title, numberIn(column, 'scoreMaximum')),
  };
}

function newLineItem(label: string, scoreMaximum: number): LineItem {
  return { id: randomUUID(), label, scoreMaximum, scores: new Map() };
}
