/** Another origin at which a server on this machine is reached as well: what is embedded there is in a foreign page. */

const names: Readonly<Record<string, string>> = { '127.0.0.1': 'localhost', localhost: '127.0.0.1' };

/** The origin of the other name of this machine; where a server is reached by a real name, its own. */
export function otherOrigin({ protocol, hostname, port }: Pick<Location, 'protocol' | 'hostname' | 'port'>): string {
  const host = names[hostname] ?? hostname;
  return `${protocol}//${host}${port === '' ? '' : `:${port}`}`;
}
