/** The parts of a package that is being read, and what they are related to. */
import { decodeText, pathIn } from '../archive/index.js';
import { PART_BOUNDS } from '../presentation/found-deck.js';
import { childrenOf, readXmlTree, type XmlElement } from '../xml/index.js';
import { ooxmlName } from './names.js';

/** What a part is related to. */
export interface FoundRelation {
  /** The last word of its type, such as `image`. */
  readonly type: string;
  /** A path within the package, or an address outside. */
  readonly target: string;
  readonly isOutside: boolean;
}

/** A package. Paths are looked up whatever their letters' case, as many writers are careless of it. */
export class OoxmlPackage {
  private readonly paths: ReadonlyMap<string, string>;
  private readonly trees = new Map<string, XmlElement | null>();
  private readonly relations = new Map<string, ReadonlyMap<string, FoundRelation>>();

  constructor(private readonly files: Readonly<Record<string, Uint8Array>>) {
    this.paths = new Map(Object.keys(files).map((path) => [path.toLowerCase(), path]));
  }

  /** The bytes under a path; `null` where there are none. */
  bytes(path: string): Uint8Array | null {
    const known = this.paths.get(path.toLowerCase());
    return known === undefined ? null : (this.files[known] ?? null);
  }

  /** Whether any path is like this. */
  hasPath(like: RegExp): boolean {
    return [...this.paths.keys()].some((path) => like.test(path));
  }

  /** The first element of a part; `null` where the part is missing or broken. */
  tree(path: string): XmlElement | null {
    const known = this.trees.get(path);
    if (known !== undefined) return known;
    const bytes = this.bytes(path);
    const read = bytes && readXmlTree(decodeText(bytes), ooxmlName, PART_BOUNDS);
    const root = read && 'root' in read ? read.root : null;
    this.trees.set(path, root);
    return root;
  }

  /** What a part is related to, by the ids in its XML; the package itself has the path ''. */
  relationsOf(path: string): ReadonlyMap<string, FoundRelation> {
    const known = this.relations.get(path);
    if (known) return known;
    const [, folder = '', name = ''] = /^(.*\/)?([^/]*)$/.exec(path) ?? [];
    const root = this.tree(`${folder}_rels/${name}.rels`);
    const found = new Map(
      childrenOf(root).map(({ attributes }) => {
        const isOutside = attributes['TargetMode'] === 'External';
        const target = attributes['Target'] ?? '';
        const relation: FoundRelation = {
          type: (attributes['Type'] ?? '').replace(/^.*\//, ''),
          target: isOutside ? target : pathIn(folder, unescaped(target)),
          isOutside,
        };
        return [attributes['Id'] ?? '', relation] as const;
      }),
    );
    this.relations.set(path, found);
    return found;
  }

  /** The path of the first part of a kind that a part is related to; `null` for none. */
  related(path: string, type: string): string | null {
    const found = [...this.relationsOf(path).values()].find((each) => each.type === type && !each.isOutside);
    return found?.target ?? null;
  }
}

function unescaped(target: string): string {
  try {
    return decodeURIComponent(target);
  } catch {
    return target;
  }
}
