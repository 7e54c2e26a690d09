/**
 * Asking servers elsewhere, whose addresses managers of schools entered: never one of this machine or of the network around it, unless
 * the settings allow it, and never more than is expected of an answer.
 */
import { lookup as lookUp } from 'node:dns';
import { request as requestPlain, type RequestOptions } from 'node:http';
import { request as requestSafe } from 'node:https';
import { BlockList, isIP, isIPv6, type LookupFunction } from 'node:net';

/** How long an answer is waited for, in milliseconds. */
const PATIENCE_MS = 10_000;
/** The largest answer, in bytes: keys, tokens and pages of members. */
const LARGEST = 2_000_000;

/** What is asked. */
export interface OutsideCall {
  readonly method: 'GET' | 'POST';
  readonly url: string;
  readonly headers?: Readonly<Record<string, string>>;
  readonly body?: string;
}

/** What is answered. */
export interface OutsideAnswer {
  readonly status: number;
  readonly headers: Readonly<Record<string, string>>;
  readonly text: string;
}

/** Networks that are nobody's but our own: of this machine, private, and those that lead nowhere. */
const near = new BlockList();
for (const [address, prefix] of [
  ...[['0.0.0.0', 8] as const, ['10.0.0.0', 8] as const, ['100.64.0.0', 10] as const, ['127.0.0.0', 8] as const],
  ...[['169.254.0.0', 16] as const, ['172.16.0.0', 12] as const, ['192.168.0.0', 16] as const],
  ...[['192.0.0.0', 24] as const, ['198.18.0.0', 15] as const, ['224.0.0.0', 3] as const],
])
  near.addSubnet(address, prefix, 'ipv4');
for (const [address, prefix] of [
  ['::', 127] as const,
  ['fc00::', 7] as const,
  ['fe80::', 10] as const,
  ['ff00::', 8] as const,
])
  near.addSubnet(address, prefix, 'ipv6');

/** Whether an IP address is of this machine or of the network around it. */
export function isNear(address: string): boolean {
  const mapped = /^::ffff:(\d+\.\d+\.\d+\.\d+)$/i.exec(address)?.[1];
  return near.check(mapped ?? address, mapped === undefined && isIPv6(address) ? 'ipv6' : 'ipv4');
}

/** Finds the addresses of a host, and refuses near ones at the very moment of connecting. */
const lookUpFar: LookupFunction = (host, options, answer) => {
  lookUp(host, { ...options, all: true }, (error, found) => {
    if (error) return answer(error, []);
    if (found.length === 0 || found.some(({ address }) => isNear(address)))
      return answer(new Error(`${host} is in the network around this server`), []);
    if (options.all) return answer(null, found);
    const [first] = found;
    answer(null, first?.address ?? '', first?.family);
  });
};

/**
 * Asks, and follows no redirection.
 * @param allowsNear whether this machine and its network may be asked, as when a platform is tried out
 * @throws Error when it does not answer, or is where nothing may be asked
 */
export function askOutside(
  { method, url, headers = {}, body }: OutsideCall,
  allowsNear: boolean,
): Promise<OutsideAnswer> {
  const { protocol, hostname } = new URL(url);
  const host = hostname.replace(/^\[|\]$/g, '');
  if (protocol !== 'https:' && !allowsNear) return Promise.reject(new Error(`${url} is not reached by TLS`));
  // An address that is one already is looked up by nobody.
  if (!allowsNear && isIP(host) !== 0 && isNear(host))
    return Promise.reject(new Error(`${host} is in the network around this server`));
  const options: RequestOptions = {
    ...{
      method,
      headers: { ...headers, ...(body === undefined ? {} : { 'content-length': Buffer.byteLength(body) }) },
    },
    signal: AbortSignal.timeout(PATIENCE_MS),
    ...(allowsNear ? {} : { lookup: lookUpFar }),
  };
  return new Promise((resolve, reject) => {
    const asking = (protocol === 'https:' ? requestSafe : requestPlain)(url, options, (answer) => {
      const parts: Buffer[] = [];
      let size = 0;
      answer.on('data', (part: Buffer) => {
        size += part.length;
        if (size > LARGEST) answer.destroy(new Error(`${url} answers with too much`));
        else parts.push(part);
      });
      answer.on('error', reject);
      answer.on('end', () =>
        resolve({
          status: answer.statusCode ?? 0,
          headers: Object.fromEntries(
            Object.entries(answer.headers).map(([name, value]) => [
              name,
              Array.isArray(value) ? value.join(', ') : (value ?? ''),
            ]),
          ),
          text: Buffer.concat(parts).toString('utf8'),
        }),
      );
    });
    asking.on('error', reject);
    asking.end(body);
  });
}
