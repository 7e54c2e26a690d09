/** A browser without a screen: it keeps the cookies of every site, follows where it is sent, and fills in forms. */

/** Where a browser came to. */
export interface Arrived {
  readonly url: URL;
  readonly status: number;
  readonly text: string;
}

export class Browser {
  private readonly jars = new Map<string, Map<string, string>>();

  /**
   * Goes to an address and on to wherever it is sent, at most 12 times.
   * @param form what is filled in, where a form is sent
   * @param until stops before an address for which it holds, which is given back with status 0
   */
  async go(
    address: string,
    form?: Readonly<Record<string, string>>,
    until: (url: URL) => boolean = () => false,
  ): Promise<Arrived> {
    let url = new URL(address);
    let body = form && new URLSearchParams(form);
    for (let hops = 0; hops < 12; hops += 1) {
      if (until(url)) return { url, status: 0, text: '' };
      const answer = await fetch(url, {
        ...{ method: body ? 'POST' : 'GET', redirect: 'manual', headers: { cookie: this.cookies(url) } },
        ...(body ? { body } : {}),
      });
      this.keep(url, answer);
      const to = answer.headers.get('location');
      if (answer.status < 300 || answer.status >= 400 || to === null)
        return { url, status: answer.status, text: await answer.text() };
      url = new URL(to, url);
      body = undefined;
    }
    throw new Error(`sent on without an end, at last to ${url.href}`);
  }

  /** Asks for something as a page of a site does, in JSON. */
  async ask<T>(method: string, address: string, body?: object): Promise<{ readonly status: number; readonly body: T }> {
    const url = new URL(address);
    const answer = await fetch(url, {
      method,
      headers: { cookie: this.cookies(url), ...(body ? { 'content-type': 'application/json' } : {}) },
      ...(body ? { body: JSON.stringify(body) } : {}),
    });
    this.keep(url, answer);
    const text = await answer.text();
    return { status: answer.status, body: (text === '' ? undefined : JSON.parse(text)) as T };
  }

  /** The cookies that a site at an address would be told, as one header. */
  cookies({ host }: URL): string {
    return [...(this.jars.get(host) ?? [])].map(([name, value]) => `${name}=${value}`).join('; ');
  }

  private keep({ host }: URL, answer: Response): void {
    const jar = this.jars.get(host) ?? new Map<string, string>();
    this.jars.set(host, jar);
    for (const line of answer.headers.getSetCookie()) {
      const [pair = ''] = line.split(';');
      const [name = ''] = pair.split('=');
      const value = pair.slice(name.length + 1);
      if (value === '' || /expires=Thu, 01 Jan 1970/i.test(line)) jar.delete(name);
      else jar.set(name, value);
    }
  }
}
