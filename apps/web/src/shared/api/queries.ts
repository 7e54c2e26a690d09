/** What the screens ask the server for, by TanStack Query. */
import type {
  AudiencesView,
  AuthorView,
  BinView,
  ClassView,
  ConnectionView,
  ChoosingView,
  PlaceView,
  PlatformView,
  ScoresSent,
  CorrectionView,
  DeckSummary,
  DeviceView,
  FoundDeck,
  GradebookView,
  JoinView,
  LessonReviews,
  LessonSummary,
  LessonView,
  LibraryPictures,
  LibraryQuery,
  MyEdition,
  MyLessonView,
  OthersWork,
  OwnThemeView,
  OfferedDeck,
  OwnSchool,
  RoomView,
  SchoolInvitationView,
  SessionView,
  VersionView,
  KeptTemplateView,
  OutboxMail,
  SceneViews,
  SharesView,
  ShownDeck,
  InvitationView,
  UnitView,
  SignInWays,
  TokenView,
  WaitingView,
} from '@gobrel/contract';
import { type Deck, readDeck, type SlideId } from '@gobrel/core/deck';
import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query';
import { ask } from './client';

export const sessionQuery = queryOptions({ queryKey: ['session'], queryFn: () => ask<SessionView>('GET', '/session') });
/** The devices on which a teacher is signed in. */
export const devicesQuery = queryOptions({
  queryKey: ['devices'],
  queryFn: () => ask<DeviceView[]>('GET', '/accounts/devices'),
  refetchOnMount: 'always',
});
/** How much of what a teacher may store is taken. */
export const roomQuery = queryOptions({
  queryKey: ['room'],
  queryFn: () => ask<RoomView>('GET', '/uploads/room'),
  refetchOnMount: 'always',
});
/** The mails of a machine that sends none; fails where mail is sent. */
export const outboxQuery = queryOptions({
  queryKey: ['outbox'],
  queryFn: () => ask<OutboxMail[]>('GET', '/outbox'),
  retry: false,
  refetchOnMount: 'always',
});
export const decksQuery = queryOptions({
  queryKey: ['decks'],
  queryFn: () => ask<DeckSummary[]>('GET', '/decks'),
  // Decks change in the editor, whose documents the queries do not see.
  refetchOnMount: 'always',
});
/** By what one can sign in here. */
export const signInWaysQuery = queryOptions({
  queryKey: ['sign-in-ways'],
  queryFn: () => ask<SignInWays>('GET', '/sign-in/ways'),
  staleTime: Infinity,
});
/** Who comes from a sign-in elsewhere, in this browser, and has yet to show who they are here. */
export const waitingQuery = queryOptions({
  queryKey: ['waiting'],
  queryFn: async () => (await ask<{ waiting: WaitingView | null }>('GET', '/arrivals/waiting')).waiting,
});
/** The systems elsewhere by which a teacher signs in. */
export const connectionsQuery = queryOptions({
  queryKey: ['connections'],
  queryFn: () => ask<ConnectionView[]>('GET', '/accounts/connections'),
});
/** A teacher's tokens for their own scripts. */
export const tokensQuery = queryOptions({
  queryKey: ['tokens'],
  queryFn: () => ask<readonly TokenView[]>('GET', '/accounts/tokens'),
});
/** The learning platforms of the school that a teacher manages. */
export const platformsQuery = queryOptions({
  queryKey: ['platforms'],
  queryFn: () => ask<PlatformView[]>('GET', '/school/platforms'),
});
/** Where on a platform something is chosen for. */
export const choosingQuery = (token: string) =>
  queryOptions({
    queryKey: ['choosing', token],
    queryFn: () => ask<ChoosingView>('GET', `/choosing/${encodeURIComponent(token)}`),
  });
/** A place in a course of a platform. */
export const placeQuery = (id: string) =>
  queryOptions({ queryKey: ['place', id], queryFn: () => ask<PlaceView>('GET', `/places/${encodeURIComponent(id)}`) });
/** How it stands with the scores of a lesson that go to a platform; `null` where they go nowhere. */
export const scoresQuery = (lessonId: string) =>
  queryOptions({
    queryKey: ['lessons', lessonId, 'scores'],
    queryFn: async () => (await ask<{ scores: ScoresSent | null }>('GET', `/lessons/${lessonId}/scores`)).scores,
    // What is on its way is there soon.
    refetchInterval: ({ state }) => ((state.data?.waiting ?? 0) > 0 ? 2000 : false),
  });
/** The units of the library. */
export const unitsQuery = queryOptions({ queryKey: ['units'], queryFn: () => ask<UnitView[]>('GET', '/units') });

/** The decks on whose slides words stand. */
export const foundDecksQuery = (words: string) =>
  queryOptions({
    queryKey: ['decks', 'found', words],
    queryFn: () => ask<FoundDeck[]>('GET', `/decks/find?words=${encodeURIComponent(words)}`),
  });

/** What was deleted, and can be restored. */
export const binQuery = queryOptions({
  queryKey: ['bin'],
  queryFn: () => ask<BinView>('GET', '/bin'),
  refetchOnMount: 'always',
});
export const classesQuery = queryOptions({ queryKey: ['classes'], queryFn: () => ask<ClassView[]>('GET', '/classes') });
export const lessonsQuery = queryOptions({
  queryKey: ['lessons'],
  queryFn: () => ask<LessonSummary[]>('GET', '/lessons'),
  refetchOnMount: 'always',
});
export const myLessonQuery = queryOptions({
  queryKey: ['my-lesson'],
  queryFn: () => ask<MyLessonView>('GET', '/my-lesson'),
});
/** A student's edition as their device has it, and the slides that are still to come. */
export interface EditionHere {
  readonly deck: Deck;
  readonly beyond: ReadonlySet<SlideId>;
}

/** The edition of a student's lesson, by its hash: a corrected one is another. */
export const myEditionQuery = (hash: string | undefined) =>
  queryOptions({
    queryKey: ['my-lesson', 'edition', hash],
    queryFn: async (): Promise<EditionHere> => {
      const edition = await ask<MyEdition>('GET', '/my-lesson/edition');
      return { deck: readDeck(edition).deck, beyond: new Set(edition.beyond) };
    },
    staleTime: Infinity,
    placeholderData: keepPreviousData,
    enabled: hash !== undefined,
  });
export const othersQuery = queryOptions({
  queryKey: ['my-lesson', 'others'],
  queryFn: () => ask<OthersWork>('GET', '/my-lesson/others'),
});

export const deckQuery = (id: string) =>
  queryOptions({ queryKey: ['decks', id], queryFn: () => ask<DeckSummary>('GET', `/decks/${id}`) });
/** How a deck of one's own is shared by address. */
export const sharesQuery = (deckId: string) =>
  queryOptions({
    queryKey: ['decks', deckId, 'shares'],
    queryFn: () => ask<SharesView>('GET', `/decks/${deckId}/shares`),
    refetchOnMount: 'always',
  });

/** What a mail's link leads to. */
export const invitationQuery = (token: string) =>
  queryOptions({
    queryKey: ['invitation', token],
    queryFn: () => ask<InvitationView>('GET', `/invitations/${encodeURIComponent(token)}`),
    retry: false,
  });

/** What an address shows. @param pass what opens one with a passcode; '' for nothing */
export const shownQuery = (address: string, pass: string) =>
  queryOptions({
    queryKey: ['shown', address, pass],
    queryFn: async (): Promise<ShownDeck> => {
      const shown = await ask<ShownDeck>('GET', `/shows/${encodeURIComponent(address)}?pass=${pass}`);
      return { ...shown, deck: readDeck(shown.deck).deck };
    },
    staleTime: Infinity,
  });

/** One's school with everybody in it. */
export const schoolQuery = queryOptions({
  queryKey: ['school'],
  queryFn: () => ask<OwnSchool>('GET', '/school'),
  refetchOnMount: 'always',
});

/** The decks that colleagues offer. */
export const shelfQuery = queryOptions({
  queryKey: ['school', 'shelf'],
  queryFn: () => ask<OfferedDeck[]>('GET', '/school/shelf'),
  refetchOnMount: 'always',
});

/** The ids of those on whose slides words stand. */
export const foundOnShelfQuery = (words: string) =>
  queryOptions({
    queryKey: ['school', 'shelf', 'found', words],
    queryFn: () => ask<string[]>('GET', `/school/shelf/find?words=${encodeURIComponent(words)}`),
  });

/** A deck of the shelf to look through. */
export const offeredQuery = (deckId: string) =>
  queryOptions({
    queryKey: ['school', 'shelf', deckId],
    queryFn: async () => readDeck(await ask('GET', `/school/shelf/${deckId}`)).deck,
  });

/** What a mail's link to a school leads to. */
export const schoolInvitationQuery = (token: string) =>
  queryOptions({
    queryKey: ['school-invitation', token],
    queryFn: () => ask<SchoolInvitationView>('GET', `/school/invitations/${encodeURIComponent(token)}`),
    retry: false,
  });

/** With which teams and school a deck is shared. */
export const audiencesQuery = (deckId: string) =>
  queryOptions({
    queryKey: ['decks', deckId, 'audiences'],
    queryFn: () => ask<AudiencesView>('GET', `/decks/${deckId}/audiences`),
    refetchOnMount: 'always',
  });

export const authorsQuery = (deckId: string) =>
  queryOptions({
    queryKey: ['decks', deckId, 'authors'],
    queryFn: () => ask<AuthorView[]>('GET', `/decks/${deckId}/authors`),
  });
export const versionsQuery = (deckId: string) =>
  queryOptions({
    queryKey: ['decks', deckId, 'versions'],
    queryFn: () => ask<VersionView[]>('GET', `/decks/${deckId}/versions`),
    // Versions are kept by the server, whenever the deck is stored.
    refetchOnMount: 'always',
  });
export const versionQuery = (deckId: string, versionId: string | null) =>
  queryOptions({
    queryKey: ['decks', deckId, 'versions', versionId],
    queryFn: async () => readDeck(await ask('GET', `/decks/${deckId}/versions/${versionId}`)).deck,
    staleTime: Infinity,
    enabled: versionId !== null,
  });
export const templatesQuery = queryOptions({
  queryKey: ['templates'],
  queryFn: () => ask<KeptTemplateView[]>('GET', '/templates'),
});
/** The pictures of templates, by their names: they stay what they are. */
export const scenesQuery = queryOptions({
  queryKey: ['scenes'],
  queryFn: () => ask<SceneViews>('GET', '/templates/scenes'),
  staleTime: Infinity,
});
export const themesQuery = queryOptions({
  queryKey: ['themes'],
  queryFn: () => ask<OwnThemeView[]>('GET', '/themes'),
});
export const lessonQuery = (id: string) =>
  queryOptions({ queryKey: ['lessons', id], queryFn: () => ask<LessonView>('GET', `/lessons/${id}`) });
/** The edition of a lesson with its keys, by its hash: a corrected one is another. */
export const editionQuery = (id: string, hash: string | undefined) =>
  queryOptions({
    queryKey: ['lessons', id, 'edition', hash],
    queryFn: async () => readDeck(await ask('GET', `/lessons/${id}/edition`)).deck,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
    enabled: hash !== undefined,
  });
export const reviewsQuery = (id: string) =>
  queryOptions({
    queryKey: ['lessons', id, 'reviews'],
    queryFn: () => ask<LessonReviews>('GET', `/lessons/${id}/reviews`),
  });
export const correctionQuery = (id: string) =>
  queryOptions({
    queryKey: ['lessons', id, 'correction'],
    queryFn: () => ask<CorrectionView>('GET', `/lessons/${id}/correction`),
    staleTime: 0,
    gcTime: 0,
  });
export const gradebookQuery = (classId: string) =>
  queryOptions({
    queryKey: ['classes', classId, 'gradebook'],
    queryFn: () => ask<GradebookView>('GET', `/classes/${classId}/gradebook`),
    refetchOnMount: 'always',
  });
export const joinQuery = (code: string) =>
  queryOptions({
    queryKey: ['join', code],
    queryFn: () => ask<JoinView>('GET', `/join/${encodeURIComponent(code)}`),
    enabled: code !== '',
    retry: false,
  });

/** The same, page by page. */
export const libraryPages = (looked: LibraryQuery) =>
  infiniteQueryOptions({
    queryKey: ['picture-library', 'pages', looked],
    queryFn: ({ pageParam }) => askLibrary({ ...looked, page: pageParam }),
    initialPageParam: 1,
    getNextPageParam: ({ isMore }: LibraryPictures, _all, page: number) => (isMore ? page + 1 : undefined),
    placeholderData: keepPreviousData,
  });

function askLibrary(looked: LibraryQuery): Promise<LibraryPictures> {
  const asked = Object.entries(looked).flatMap(([name, value]) =>
    value === undefined || value === '' ? [] : [[name, String(value)]],
  );
  return ask<LibraryPictures>('GET', `/picture-library?${new URLSearchParams(asked).toString()}`);
}

/** Pictures of the library that are what is looked for. */
export const libraryQuery = (looked: LibraryQuery) =>
  queryOptions({
    queryKey: ['picture-library', looked],
    queryFn: () => askLibrary(looked),
    placeholderData: keepPreviousData,
  });
