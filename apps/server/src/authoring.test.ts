import type { AuthorView, SharesView, DeckSummary, OwnThemeView, VersionView } from '@gobrel/contract';
import { addItem, type Deck, NOTEBOOK, readTheme, slidesInOrder } from '@gobrel/core/deck';
import { readDeckDocument, writeChanges } from '@gobrel/core/shared-doc';
import sharp from 'sharp';
import { DataSource } from 'typeorm';
import { type OpenedDocument, TestServer, until, type Visitor } from './testing/test-server.js';

describe('authoring together and over time', () => {
  let server: TestServer;
  let odile: Visitor;
  let nadia: Visitor;
  let stranger: Visitor;
  const opened: OpenedDocument[] = [];
  const open = async (visitor: Visitor, deckId: string) => {
    const document = visitor.open(`deck:${deckId}`, 'teacher');
    opened.push(document);
    await until(() => document.provider.isSynced || document.refused);
    return document;
  };
  const newDeck = async (visitor: Visitor, title: string) =>
    (await visitor.ask<DeckSummary>('POST', '/api/decks', { title })).body.id;
  const upload = async (visitor: Visitor, bytes: Buffer) => {
    const form = new FormData();
    form.append('picture', new Blob([new Uint8Array(bytes)]), 'picture');
    return (await visitor.ask<{ id: string; moving: boolean; height: number }>('POST', '/api/pictures', form)).body;
  };
  let shade = 0;
  const picture = () => {
    shade += 1;
    return sharp({
      create: { width: 8, height: 8, channels: 3, background: { r: (shade * 53) % 256, g: (shade * 97) % 256, b: 90 } },
    })
      .png()
      .toBuffer();
  };
  beforeAll(async () => {
    server = await TestServer.startWithSample();
    odile = await server.odile();
    nadia = await server.teacher('Nadia Quill', 'nadia@marrambay.example');
    stranger = await server.teacher('Somebody Else');
  });
  afterEach(() => {
    for (const document of opened.splice(0)) document.leave();
  });
  afterAll(() => server.stop());

  describe('co-authors', () => {
    const share = (deckId: string, email = 'NADIA@marrambay.example') =>
      odile.ask<AuthorView[]>('POST', `/api/decks/${deckId}/authors`, { email });

    test('who is let in edits the deck, finds it in the library, and may not delete or share it', async () => {
      const id = await newDeck(odile, 'Shared shore');
      expect((await share(id)).body.map(({ name, isOwner }) => [name, isOwner])).toEqual([
        ['Odile Farrow', true],
        ['Nadia Quill', false],
      ]);
      const { body } = await nadia.ask<DeckSummary[]>('GET', '/api/decks');
      expect(body.find((deck) => deck.id === id)?.sharedBy).toBe('Odile Farrow');
      const [hers, his] = [await open(nadia, id), await open(odile, id)];
      writeChanges(hers.doc, [{ type: 'set-deck', fields: { title: 'Shared, and seen' } }]);
      await until(() => readDeckDocument(his.doc).title === 'Shared, and seen');
      expect((await nadia.ask('DELETE', `/api/decks/${id}`)).status).toBe(404);
      expect((await nadia.ask('POST', `/api/decks/${id}/authors`, { email: 'x@y.example' })).status).toBe(404);
      expect((await stranger.ask('GET', `/api/decks/${id}`)).status).toBe(404);
    });

    test('what is no address is refused in words; the owner is not doubled', async () => {
      const id = await newDeck(odile, 'Alone');
      expect((await share(id, 'no address')).status).toBe(422);
      expect((await share(id, 'odile@marrambay.example')).body).toHaveLength(1);
    });

    test('who is let out, or leaves, is cut off at once', async () => {
      const id = await newDeck(odile, 'For a while');
      const nadiaId = (await share(id)).body.find((author) => !author.isOwner)?.id ?? '';
      const hers = await open(nadia, id);
      expect((await stranger.ask('DELETE', `/api/decks/${id}/authors/${nadiaId}`)).status).toBe(404);
      expect((await odile.ask('DELETE', `/api/decks/${id}/authors/${nadiaId}`)).status).toBe(204);
      await until(() => hers.closed || hers.refused);
      expect((await open(nadia, id)).refused).toBe(true);
      await share(id);
      expect((await nadia.ask('DELETE', `/api/decks/${id}/authors/${nadiaId}`)).status).toBe(204);
      expect((await nadia.ask('GET', `/api/decks/${id}`)).status).toBe(404);
    });
  });

  describe('versions', () => {
    test('what was there before an edit is kept automatically, not at every letter', async () => {
      const id = await newDeck(odile, 'First words');
      const { doc } = await open(odile, id);
      const versions = async () => (await odile.ask<VersionView[]>('GET', `/api/decks/${id}/versions`)).body;
      // The deck was made a while ago, and is edited only now.
      const database = await new DataSource({ type: 'postgres', url: server.databaseUrl }).initialize();
      await database.query(`UPDATE shared_document SET updated_at = now() - interval '2 days' WHERE name = $1`, [
        `deck:${id}`,
      ]);
      writeChanges(doc, [{ type: 'set-deck', fields: { title: 'Second words' } }]);
      await until(async () => (await versions()).length === 1);
      const [kept] = await versions();
      expect(kept).toMatchObject({ name: null, by: null, slideCount: 1 });
      const { body } = await odile.ask<Deck>('GET', `/api/decks/${id}/versions/${kept?.id}`);
      expect(body.title).toBe('First words');
      for (const title of ['Third', 'Fourth', 'Fifth']) {
        writeChanges(doc, [{ type: 'set-deck', fields: { title } }]);
        await until(async () => (await odile.ask<DeckSummary>('GET', `/api/decks/${id}`)).body.title === title);
        await new Promise((resolve) => setTimeout(resolve, 400));
      }
      expect((await versions()).length).toBeLessThanOrEqual(2);
      await database.destroy();
    });

    test('one is kept by hand, as the deck is at that moment', async () => {
      const id = await newDeck(odile, 'By hand');
      const { body } = await odile.ask<VersionView[]>('POST', `/api/decks/${id}/versions`, {
        name: ' Before 6 Heron ',
      });
      expect(body[0]).toMatchObject({ name: 'Before 6 Heron', by: 'Odile Farrow' });
      expect((await odile.ask('POST', `/api/decks/${id}/versions`, { name: ' ' })).status).toBe(422);
      expect((await stranger.ask('GET', `/api/decks/${id}/versions/${body[0]?.id}`)).status).toBe(404);
      const other = await newDeck(odile, 'Another');
      expect((await odile.ask('GET', `/api/decks/${other}/versions/${body[0]?.id}`)).status).toBe(404);
    });
  });

  test('a theme is kept for all decks, read with suspicion, and removed by nobody else', async () => {
    const theme = { ...NOTEBOOK, name: 'Harbour', colours: { ...NOTEBOOK.colours, accent: 'javascript:alert(1)' } };
    const { body } = await odile.ask<OwnThemeView[]>('POST', '/api/themes', { theme });
    const [kept] = body;
    // What is no colour becomes that of the first version.
    const { accent } = readTheme({}).colours;
    expect(kept?.theme).toEqual({ ...NOTEBOOK, name: 'Harbour', colours: { ...NOTEBOOK.colours, accent } });
    expect((await stranger.ask<OwnThemeView[]>('GET', '/api/themes')).body).toEqual([]);
    expect((await stranger.ask('DELETE', `/api/themes/${kept?.id}`)).status).toBe(404);
    expect((await odile.ask('DELETE', `/api/themes/${kept?.id}`)).status).toBe(204);
    expect((await odile.ask('POST', '/api/themes', { theme: 'blue' })).status).toBe(422);
  });

  test('a new deck begins in the slide size asked for', async () => {
    const { body } = await odile.ask<DeckSummary>('POST', '/api/decks', { title: 'Poster', size: 'a4-portrait' });
    expect(body.cover.size).toBe('a4-portrait');
    expect((await odile.ask('POST', '/api/decks', { title: 'Poster', size: 'huge' })).status).toBe(422);
  });

  describe('pictures of others', () => {
    const see = async (visitor: Visitor, id: string) => (await visitor.ask('GET', `/api/pictures/${id}`)).status;
    const place = async (visitor: Visitor, deckId: string, id: string) => {
      const { doc } = await open(visitor, deckId);
      const deck = readDeckDocument(doc);
      const slideId = slidesInOrder(deck)[0]?.id ?? '';
      writeChanges(doc, addItem(deck, { id: `p${shade}`, slideId, kind: 'picture', fields: { picture: id } }));
      return doc;
    };

    test('are not seen by knowing their id, not even through a deck and a lesson of one’s own', async () => {
      const { id } = await upload(odile, await picture());
      expect([await see(odile, id), await see(stranger, id)]).toEqual([200, 404]);
      const deckId = await newDeck(stranger, 'Pasted');
      await place(stranger, deckId, id);
      expect(await see(stranger, id)).toBe(404);
      expect((await stranger.ask('POST', '/api/pictures/kept', { ids: [id] })).body).toEqual({ refused: [id] });
      expect((await stranger.ask('POST', `/api/decks/${deckId}/copy`)).status).toBe(201);
      expect(await see(stranger, id)).toBe(404);
      expect((await stranger.ask('GET', `/api/pictures/${id}/still`)).status).toBe(404);
      const shares = await stranger.ask<SharesView>('PUT', `/api/decks/${deckId}/shares/show`, {});
      const shown = `/api/shows/${shares.body.show?.address}/pictures/${id}`;
      expect((await server.visitor().ask('GET', shown)).status).toBe(404);
    });

    test('are seen by co-authors of the deck they are in, and kept by a copy of it', async () => {
      const { id } = await upload(odile, await picture());
      const deckId = await newDeck(odile, 'With a picture');
      const { body } = await odile.ask<AuthorView[]>('POST', `/api/decks/${deckId}/authors`, {
        email: 'nadia@marrambay.example',
      });
      expect(await see(nadia, id)).toBe(404);
      await place(odile, deckId, id);
      await until(async () => (await see(nadia, id)) === 200);
      await nadia.ask('POST', `/api/decks/${deckId}/copy`);
      await odile.ask('DELETE', `/api/decks/${deckId}/authors/${body.find((author) => !author.isOwner)?.id}`);
      expect(await see(nadia, id)).toBe(200);
    });

    test('are seen by students whose edition they are in, and no others', async () => {
      const student = await server.student(1);
      const { id } = await upload(odile, await picture());
      expect(await see(student, id)).toBe(404);
      const { body } = await student.ask<Deck>('GET', '/api/my-lesson/edition');
      const shown = Object.values(body.items).find((item) => item.kind === 'picture' && item.picture !== '');
      if (shown?.kind === 'picture') expect(await see(student, shown.picture)).toBe(200);
      else throw new Error('the sample edition shows no picture');
    });
  });

  test('a moving picture stays one, and its first picture is given for those who want no movement', async () => {
    const frames = await Promise.all([picture(), picture(), picture()]);
    const moving = await sharp(frames, { join: { animated: true } })
      .gif({ delay: [100, 100, 100] })
      .toBuffer();
    const stored = await upload(odile, moving);
    expect(stored).toMatchObject({ moving: true, height: 8 });
    const fetchBytes = async (path: string) => {
      const response = await fetch(`${server.address}${path}`, { headers: { cookie: odile.cookieHeader } });
      return Buffer.from(await response.arrayBuffer());
    };
    expect((await sharp(await fetchBytes(`/api/pictures/${stored.id}`)).metadata()).pages).toBe(3);
    expect((await sharp(await fetchBytes(`/api/pictures/${stored.id}/still`)).metadata()).pages ?? 1).toBe(1);
    expect((await upload(odile, await picture())).moving).toBe(false);
  });
});
