/** The parts of a package that is being written (ECMA-376, part 2), and what each of them is related to. */
import { strToU8, type Zippable, zipSync } from 'fflate';
import { write, type Written, writeXml } from '../xml/index.js';

const OFFICE = 'http://schemas.openxmlformats.org';
const DOCUMENT = `${OFFICE}/officeDocument/2006/relationships`;

/** What a part is to another one. */
export type Relation =
  | 'officeDocument'
  | 'slide'
  | 'slideLayout'
  | 'slideMaster'
  | 'notesSlide'
  | 'notesMaster'
  | 'theme'
  | 'themeOverride'
  | 'image'
  | 'video'
  | 'audio'
  | 'media'
  | 'chart'
  | 'package'
  | 'hyperlink'
  | 'presProps'
  | 'core-properties';

/** Relations with a type of their own. */
const OWN: Readonly<Partial<Record<Relation, string>>> = {
  media: 'http://schemas.microsoft.com/office/2007/relationships/media',
  'core-properties': `${OFFICE}/package/2006/relationships/metadata/core-properties`,
};

/** A part of a package: its path from the top, and what it is related to. */
export class Part {
  private readonly relations: { readonly type: string; readonly target: string; readonly isOutside: boolean }[] = [];

  constructor(readonly path: string) {}

  /** Relates it to another part, or to an address outside; gives the id by which its XML says so. */
  relate(type: Relation, target: string, isOutside = false): string {
    const written = isOutside ? target : `/${target}`;
    const full = OWN[type] ?? `${DOCUMENT}/${type}`;
    const known = this.relations.findIndex((each) => each.type === full && each.target === written);
    if (known >= 0) return `rId${known + 1}`;
    this.relations.push({ type: full, target: written, isOutside });
    return `rId${this.relations.length}`;
  }

  /** What it is related to, as a part of its own; `null` for nothing. */
  relationships(more: readonly Written[] = []): Written | null {
    if (this.relations.length === 0 && more.length === 0) return null;
    const each = this.relations.map(({ type, target, isOutside }, at) =>
      write('Relationship', {
        Id: `rId${at + 1}`,
        Type: type,
        Target: target,
        TargetMode: isOutside ? 'External' : undefined,
      }),
    );
    return write('Relationships', { xmlns: `${OFFICE}/package/2006/relationships` }, ...each, ...more);
  }
}

/** Collects the parts of a package, and packs them. */
export class PackageWriter {
  private readonly files: Zippable = {};
  private readonly types = new Map<string, string>();
  private readonly endings = new Map<string, string>([
    ['rels', 'application/vnd.openxmlformats-package.relationships+xml'],
    ['xml', 'application/xml'],
  ]);

  /** Puts a part of XML into the package. @param type its media type */
  put(part: Part, root: Written, type: string): void {
    this.files[part.path] = strToU8(writeXml(root, false));
    if (type !== '') this.types.set(part.path, type);
    this.relate(part);
  }

  /** Puts bytes that are compressed already into the package, once a path. */
  putBytes(path: string, bytes: Uint8Array, type: string): void {
    this.files[path] = [bytes, { level: 0 }];
    this.endings.set(path.replace(/^.*\./, ''), type);
  }

  /** Whether there is something under a path. */
  has(path: string): boolean {
    return path in this.files;
  }

  /** The whole package. @param top what the package itself is related to */
  pack(top: Part): Uint8Array {
    this.relate(top);
    const defaults = [...this.endings].map(([Extension, ContentType]) => write('Default', { Extension, ContentType }));
    const overrides = [...this.types].map(([path, ContentType]) =>
      write('Override', { PartName: `/${path}`, ContentType }),
    );
    const types = write('Types', { xmlns: `${OFFICE}/package/2006/content-types` }, ...defaults, ...overrides);
    return zipSync({ '[Content_Types].xml': strToU8(writeXml(types, false)), ...this.files });
  }

  private relate(part: Part): void {
    const relations = part.relationships();
    if (!relations) return;
    const [, folder = '', name = part.path] = /^(.*\/)?([^/]*)$/.exec(part.path) ?? [];
    this.files[`${folder}_rels/${name}.rels`] = strToU8(writeXml(relations, false));
  }
}
