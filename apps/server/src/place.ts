/** Where the server runs, by one setting: for whoever sits at this machine, or behind TLS at an address for everybody. */

/** What follows from where the server runs. */
export interface Place {
  /** The address it listens at. */
  readonly host: string;
  /**
   * Whether it is reached by TLS only, through a proxy on this machine: cookies go no other way, browsers are told to come
   * no other way, and what the proxy says of whoever asks is believed.
   */
  readonly isBehindTls: boolean;
  /** What everybody reaches it by, such as https://gobrel.school.example; `null` where whoever asks says it. */
  readonly address: string | null;
  /** Whether the sample scenario, whose passwords everybody knows, is loaded into an empty database. */
  readonly loadsSample: boolean;
}

/** The settings that say where it runs, as the environment has them. */
type Settings = Readonly<
  Partial<Record<'HOST' | 'GOBREL_PUBLIC_ADDRESS' | 'GOBREL_WITHOUT_TLS' | 'LOAD_SAMPLE', string>>
>;

/** A setting that the server does not start with; its message says what to do. */
export class UnsafePlace extends Error {}

/** What follows from the settings. @throws UnsafePlace when passwords would go over a network that anybody can read */
export function placeFrom({ HOST = '127.0.0.1', ...settings }: Settings): Place {
  const address = settings.GOBREL_PUBLIC_ADDRESS;
  const isConfirmed = settings.GOBREL_WITHOUT_TLS === 'yes';
  const wantsSample = settings.LOAD_SAMPLE === 'yes';
  if (address !== undefined) {
    if (isHttps(address))
      return { host: HOST, isBehindTls: true, address: new URL(address).origin, loadsSample: wantsSample };
    throw new UnsafePlace(
      `GOBREL_PUBLIC_ADDRESS has to be an address such as https://gobrel.school.example, and is “${address}”.`,
    );
  }
  if (!isLoopback(HOST) && !isConfirmed)
    throw new UnsafePlace(
      `At ${HOST} others can reach the server, and read the passwords on their way to it. Put TLS in front and set ` +
        'GOBREL_PUBLIC_ADDRESS=https://…, or, in a network that you trust, set GOBREL_WITHOUT_TLS=yes.',
    );
  return { host: HOST, isBehindTls: false, address: null, loadsSample: wantsSample };
}

function isHttps(address: string): boolean {
  try {
    const { protocol, pathname, search } = new URL(address);
    return protocol === 'https:' && pathname === '/' && search === '';
  } catch {
    return false;
  }
}

/** Whether a name or address is that of this machine to itself. */
export function isLoopback(host: string): boolean {
  return host === 'localhost' || host === '::1' || /^(::ffff:)?127\.\d+\.\d+\.\d+$/.test(host);
}

/** Where the application is for whoever asks, without a slash at its end. */
export function siteOf(
  { address, host }: Place,
  request: { readonly protocol: string; readonly headers: { readonly host?: string | undefined } },
): string {
  return address ?? `${request.protocol}://${request.headers.host ?? host}`;
}

/** The token by which services ask where they run. */
export const PLACE = Symbol('where the server runs');
