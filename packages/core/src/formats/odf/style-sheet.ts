/** The styles that a document is made with: each look once, under a name of its own. */
import { write, type Written } from '../xml/index.js';

/** Collects automatic styles; those that say the same are one. */
export class StyleSheet {
  private readonly known = new Map<string, { readonly name: string; readonly written: Written }>();
  private readonly families = new Map<string, number>();

  /** @param prefix of all names in it, so that those of several documents are told apart */
  constructor(private readonly prefix: string) {}

  /**
   * The name of a style.
   * @param family such as `graphic` or `text`
   * @param more attributes of the style itself
   */
  style(family: string, properties: readonly Written[], more: Written['attributes'] = {}): string {
    return this.keep(`style ${family}`, family, (name) =>
      write('style:style', { 'style:name': name, 'style:family': family, ...more }, ...properties),
    );
  }

  /** The name of anything else that is named: lists, dashes, ends of lines, pictures of grounds. */
  keep(what: string, prefix: string, make: (name: string) => Written): string {
    const key = `${what} ${JSON.stringify(make(''))}`;
    const found = this.known.get(key);
    if (found) return found.name;
    const count = (this.families.get(prefix) ?? 0) + 1;
    this.families.set(prefix, count);
    const name = `${this.prefix}${prefix.replaceAll(/[^a-z]/gi, '')}${count}`;
    this.known.set(key, { name, written: make(name) });
    return name;
  }

  /** All styles, in the order in which they were made. */
  all(of: (written: Written) => boolean = () => true): readonly Written[] {
    return [...this.known.values()].map(({ written }) => written).filter(of);
  }
}
