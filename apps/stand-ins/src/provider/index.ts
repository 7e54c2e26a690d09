/**
 * A stand-in for a school's sign-in: an OpenID Connect provider, in which one chooses who one is with a press. For trying out and for
 * tests; it guards nothing.
 */
import express from 'express';
import type { Server } from 'node:http';
import { Provider } from 'oidc-provider';
import { escaped, page } from '../page.js';
import { people, personBy } from '../people.js';
import { listening } from '../listening.js';
import { fieldsOf, textIn } from '../sent.js';

/** By what the application asks here. */
export const PROVIDER_CLIENT = { id: 'gobrel', secret: 'tide-and-marsh' } as const;

/** A provider that runs. */
export interface RunningProvider {
  readonly issuer: string;
  stop(): Promise<void>;
}

/** Where the application takes people in again, on whatever port of this machine. */
const BACK = /^http:\/\/127\.0\.0\.1:\d+\/api\/sign-in\/provider\/back$/;

/** Starts it. @param port 0 for any that is free */
export async function startProvider(port: number): Promise<RunningProvider> {
  const app = express();
  const server: Server = app.listen(port, '127.0.0.1');
  const issuer = await listening(server);
  const provider: Provider = new Provider(issuer, {
    clients: [
      {
        client_id: PROVIDER_CLIENT.id,
        client_secret: PROVIDER_CLIENT.secret,
        redirect_uris: ['http://127.0.0.1:4170/api/sign-in/provider/back'],
        response_types: ['code'],
        grant_types: ['authorization_code'],
      },
    ],
    claims: { openid: ['sub'], email: ['email', 'email_verified'], profile: ['name', 'role'] },
    scopes: ['openid', 'email', 'profile'],
    cookies: { keys: ['a stand-in keeps no secrets'] },
    features: { devInteractions: { enabled: false } },
    interactions: { url: (_context, { uid }) => `/who/${uid}` },
    ttl: { Session: 60, Grant: 600, AccessToken: 600, AuthorizationCode: 60, IdToken: 600, Interaction: 600 },
    findAccount: (_context, id) => {
      const person = personBy(id);
      if (!person) return undefined;
      const { name, email, role } = person;
      return { accountId: id, claims: () => ({ sub: id, name, email, email_verified: true, role }) };
    },
    // Whoever is asked for by the application is told, without a question.
    loadExistingGrant: async ({ oidc }) => {
      const { client, session } = oidc;
      if (!client || !session?.accountId) return undefined;
      const grant = new provider.Grant({ clientId: client.clientId, accountId: session.accountId });
      grant.addOIDCScope('openid email profile');
      await grant.save();
      return grant;
    },
  });
  // Not within a class of the library: its clients are asked through this very function.
  Object.assign(provider.Client.prototype, { redirectUriAllowed: (uri: string) => BACK.test(uri) });
  app.get('/who/:uid', async (request, response) => {
    const { uid } = await provider.interactionDetails(request, response);
    const choices = people.map(
      ({ id, name, role }) => `<button name="id" value="${escaped(id)}">${escaped(name)} (${role})</button>`,
    );
    const form = `<form method="post" action="/who/${uid}">${choices.join('<br>')}</form>`;
    const away = `<p><a class="button" href="/who/${uid}/none">Go back without signing in</a></p>`;
    const note = '<p class="note">A stand-in for a school’s sign-in. Everybody here is made up.</p>';
    response.send(page('Marram Bay School: who are you?', `${note}${form}${away}`));
  });
  app.post('/who/:uid', express.urlencoded({ extended: false }), async (request, response) => {
    const accountId = textIn(fieldsOf(request.body), 'id');
    await provider.interactionFinished(request, response, { login: { accountId, remember: false } });
  });
  app.get('/who/:uid/none', async (request, response) => {
    await provider.interactionFinished(request, response, { error: 'access_denied' });
  });
  app.use(provider.callback());
  return {
    issuer,
    stop: () =>
      new Promise((resolve) => {
        server.closeAllConnections();
        server.close(() => resolve());
      }),
  };
}
