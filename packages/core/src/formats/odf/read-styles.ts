/** The styles of a document: each with what it inherits, as the properties that hold in the end. */
import { childrenOf, type XmlElement } from '../xml/index.js';

/** The properties of a style by their kinds, such as `graphic` or `text`; the nearest ones hold. */
export type FoundProperties = Readonly<Record<string, string>>;

/** The styles of a document. */
export class FoundStyles {
  private readonly styles = new Map<string, XmlElement>();
  private readonly defaults = new Map<string, XmlElement>();
  private readonly named = new Map<string, XmlElement>();

  /** @param roots of the parts in which styles are, the more general first */
  constructor(roots: readonly (XmlElement | null)[]) {
    for (const root of roots)
      for (const list of childrenOf(root))
        if (/^office:(automatic-)?styles$/.test(list.name)) for (const style of childrenOf(list)) this.take(style);
  }

  private take(style: XmlElement): void {
    const { name, attributes } = style;
    const family = attributes['style:family'] ?? '';
    if (name === 'style:default-style') this.defaults.set(family, style);
    else if (name === 'style:style') this.styles.set(`${family} ${attributes['style:name'] ?? ''}`, style);
    else this.named.set(`${name} ${attributes['style:name'] ?? attributes['draw:name'] ?? ''}`, style);
  }

  /** Something that has a name and is no style, such as `text:list-style`. */
  find(element: string, name: string | undefined): XmlElement | null {
    return name === undefined ? null : (this.named.get(`${element} ${name}`) ?? null);
  }

  /**
   * The properties of one kind that hold by a style and all that it is derived from.
   * @param kind such as `text` for `style:text-properties`
   */
  properties(family: string, name: string | undefined, kind: string): FoundProperties {
    return this.chain(family, name).reduce<FoundProperties>(
      (all, style) => ({ ...all, ...childrenOf(style, `style:${kind}-properties`)[0]?.attributes }),
      {},
    );
  }

  /** The styles that hold, the weakest first; one that is derived from itself ends there. */
  private chain(family: string, name: string | undefined): readonly XmlElement[] {
    const found: XmlElement[] = [];
    let at = name === undefined ? undefined : this.styles.get(`${family} ${name}`);
    while (at && !found.includes(at) && found.length < 40) {
      found.unshift(at);
      const parent = at.attributes['style:parent-style-name'];
      at = parent === undefined ? undefined : this.styles.get(`${family} ${parent}`);
    }
    const usual = this.defaults.get(family);
    return usual ? [usual, ...found] : found;
  }
}
