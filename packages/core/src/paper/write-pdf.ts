/** Writes sheets as a tagged PDF 1.7 (ISO 32000-1) with the package pdfkit: text in its fonts, links, a table of contents. */
import PDFDocument from 'pdfkit';
import {
  type DrawnMark,
  type DrawnPage,
  fontKey,
  type Gradient,
  inGroups,
  type PageFont,
  type RunMark,
  takenBack,
} from './drawn-page.js';
import { asMatrix, bytesOf, hexOf, inBytes, type Pdf, untold, written } from './pdfkit.js';
import { packObjects } from './pack-objects.js';
import type { PageLayer, Sheet, WordsLayer } from './sheet.js';
import { SLANT } from './write-svg.js';

type Structure = ReturnType<Pdf['struct']>;
type Content = ReturnType<Pdf['markStructureContent']>;

/** What a PDF is written with. */
export interface PdfContents {
  readonly title: string;
  /** BCP 47. */
  readonly language: string;
  /** TrueType fonts by their keys (`fontKey`). */
  readonly fonts: ReadonlyMap<string, Uint8Array>;
  /** JPEG and PNG by what marks call them; what is missing is left out. */
  readonly pictures: ReadonlyMap<string, Uint8Array>;
  /** Fonts for words on sheets, those first that are sought first. */
  readonly wordFonts: { readonly plain: readonly PageFont[]; readonly bold: readonly PageFont[] };
}

/** Sheets as the bytes of a PDF. @param onSheet told after each of them */
export async function writePdf(
  sheets: readonly Sheet[],
  contents: PdfContents,
  onSheet: (done: number) => void = () => undefined,
): Promise<Uint8Array<ArrayBuffer>> {
  const pdf = new PDFDocument({
    autoFirstPage: false,
    pdfVersion: '1.7',
    tagged: true,
    displayTitle: true,
    lang: contents.language,
    info: { Title: contents.title, Producer: 'Gobrel', Creator: 'Gobrel' },
    // The first font is looked for by name unless there is none.
    font: '',
  });
  const bytes = bytesOf(pdf);
  const writer = new Writer(pdf, contents, new Set(sheets.flatMap(({ slideIds }) => slideIds)));
  sheets.forEach((sheet, at) => {
    writer.write(sheet);
    onSheet(at + 1);
  });
  writer.close();
  pdf.end();
  return packObjects(await bytes);
}

class Writer {
  private readonly known = new Set<string>();
  private readonly named = new Set<string>();
  /** Table of contents: the last entry at each depth. */
  private readonly open: PDFKit.PDFOutline[] = [];
  private readonly whole: Structure;

  constructor(
    private readonly pdf: Pdf,
    private readonly contents: PdfContents,
    private readonly slides: ReadonlySet<string>,
  ) {
    this.whole = pdf.struct('Document');
    pdf.addStructure(this.whole);
  }

  close(): void {
    this.whole.end();
  }

  write(sheet: Sheet): void {
    this.newPage(sheet);
    for (const { title, depth } of sheet.bookmarks) this.bookmark(title, depth);
    for (const slideId of sheet.slideIds) {
      if (this.named.has(slideId)) continue;
      this.named.add(slideId);
      this.pdf.addNamedDestination(slideId, 'XYZ', 0, 0, null);
    }
    const section = this.pdf.struct('Sect', { title: sheet.bookmarks.at(-1)?.title ?? '' });
    this.whole.add(section);
    for (const layer of sheet.layers) {
      if (layer.kind === 'page') this.page(layer, section);
      else this.words(layer, sheet, section);
    }
    section.end();
  }

  private newPage({ width, height }: Pick<Sheet, 'width' | 'height'>): void {
    this.pdf.addPage({ size: [width, height], margin: 0 });
  }

  private bookmark(title: string, depth: number): void {
    const above = this.open.slice(0, depth).findLast(Boolean) ?? this.pdf.outline;
    this.open.length = Math.min(this.open.length, depth);
    this.open[depth] = above.addItem(title);
  }

  private page({ page, at, framed }: PageLayer, section: Structure): void {
    const pieces = page.parts.map((): Content[] => []);
    this.pdf.save();
    this.pdf.transform(...at);
    if (page.width > 0) this.pdf.rect(0, 0, page.width, page.height).clip();
    let began: number | null | undefined;
    const begin = (part: number | null | undefined) => {
      if (part === began) return;
      if (began !== undefined) this.pdf.endMarkedContent();
      began = part;
      if (part === undefined) return;
      const role = part === null ? undefined : page.parts[part]?.role;
      if (part === null || role === undefined) this.pdf.markContent('Artifact', { type: 'Layout' });
      else pieces[part]?.push(this.pdf.markStructureContent(role));
    };
    for (const { group, marks } of inGroups(page.marks)) {
      if (group === null)
        for (const mark of marks) {
          begin(mark.part);
          this.mark(mark, page);
        }
      else {
        begin(marks.find(({ part }) => part !== null)?.part ?? null);
        this.seenThrough(page.groups[group] ?? 1, () => marks.forEach((mark) => this.mark(mark, page)));
      }
    }
    begin(undefined);
    if (framed) this.frame(page);
    this.structure(page, pieces, section);
    this.pdf.restore();
  }

  private frame({ width, height }: DrawnPage): void {
    this.pdf.markContent('Artifact', { type: 'Layout' });
    this.pdf.lineWidth(1).undash().strokeColor([150, 150, 150], 1).rect(0, 0, width, height).stroke();
    this.pdf.endMarkedContent();
  }

  /** What is read out: the parts of a page within one another, with the links that lie on them. */
  private structure({ parts, links }: DrawnPage, pieces: readonly (readonly Content[])[], section: Structure): void {
    const within = parts.map((_, at) => parts.flatMap((other, index) => (other.within === at ? [index] : [])));
    // What has nothing on it is not made: the file would wait for it for ever.
    const isUsed = (at: number): boolean => (pieces[at] ?? []).length > 0 || (within[at] ?? []).some(isUsed);
    const made = parts.map(({ role, alt, language }, at) => {
      if (!isUsed(at)) return null;
      const said = { ...(alt === '' ? {} : { alt }), ...(language === null ? {} : { lang: language }) };
      const element = this.pdf.struct(role, said);
      for (const content of pieces[at] ?? []) element.add(content);
      return element;
    });
    const onNothing: Structure[] = [];
    for (const { to, part, ...box } of links) {
      if ('slideId' in to && !this.slides.has(to.slideId)) continue;
      const link = this.pdf.struct('Link');
      const options: PDFKit.Mixins.AnnotationOption & { structParent: Structure } = { structParent: link };
      const sizes = [box.x, box.y, box.width, box.height] as const;
      if ('slideId' in to) this.pdf.goTo(...sizes, to.slideId, options);
      else this.pdf.link(...sizes, to.address, options);
      const carrier = part === null ? null : made[part];
      if (carrier) carrier.add(link);
      else onNothing.push(link);
    }
    const add = (at: number, outer: Structure) => {
      const element = made[at];
      if (element) outer.add(element);
    };
    const outermost = parts.flatMap(({ within: around }, at) => (around === null ? [at] : []));
    parts.forEach(({ within: around }, at) => {
      if (around !== null) add(at, made[around] ?? section);
    });
    // A title is read first, wherever it lies.
    for (const isTitle of [true, false])
      for (const at of outermost) if ((parts[at]?.role === 'H1') === isTitle) add(at, section);
    for (const link of onNothing) section.add(link);
  }

  private mark(mark: DrawnMark, page: DrawnPage): void {
    const { pdf } = this;
    pdf.save();
    for (const cut of mark.cuts) {
      const { d, matrix } = page.cuts[cut] ?? { d: '', matrix: null };
      if (!matrix || d === '') continue;
      pdf.transform(...matrix);
      pdf.path(d).clip();
      pdf.transform(...takenBack(matrix));
    }
    pdf.transform(...mark.matrix);
    switch (mark.kind) {
      case 'path':
        this.path(mark);
        break;
      case 'picture': {
        const bytes = this.contents.pictures.get(mark.picture);
        if (bytes) this.picture(mark, bytes);
        break;
      }
      case 'run':
        this.run(mark);
        break;
    }
    pdf.restore();
  }

  /** Draws as one what is seen through: a transparency group (ISO 32000-1, 11.6.6), which pdfkit has no word for. */
  private seenThrough(seen: number, draw: () => void): void {
    const { pdf } = this;
    const { page, _ctm: before } = untold(pdf);
    const group = pdf.ref({
      Type: 'XObject',
      Subtype: 'Form',
      BBox: [0, 0, page.width, page.height],
      Group: { S: 'Transparency' },
      Resources: page.resources,
    });
    const { content } = page;
    const from = [...before];
    page.content = group;
    // In the group everything begins from the sheet's own corner, as patterns in it do.
    pdf.addContent(`${written(from)} cm`);
    draw();
    page.content = content;
    group.end('');
    const name = `G${(this.groups += 1)}`;
    page.xobjects[name] = group;
    pdf.save();
    pdf.opacity(seen);
    pdf.addContent(`${written(takenBack(asMatrix(from)))} cm /${name} Do`);
    pdf.restore();
  }

  private groups = 0;

  private path({ d, fill, stroke, seen }: Extract<DrawnMark, { kind: 'path' }>): void {
    const { pdf } = this;
    if (stroke) {
      pdf.lineWidth(stroke.width).lineCap(stroke.cap).lineJoin(stroke.join);
      pdf.addContent(`[${stroke.dash.map((length) => length.toFixed(3)).join(' ')}] 0 d`);
    }
    pdf.path(d);
    if (fill && 'stops' in fill) {
      pdf.fill(this.gradient(fill, seen));
      if (stroke)
        pdf
          .path(d)
          .strokeColor(inBytes(stroke.colour), stroke.colour[3] * seen)
          .stroke();
      return;
    }
    if (fill) pdf.fillColor(inBytes(fill), fill[3] * seen);
    if (stroke) pdf.strokeColor(inBytes(stroke.colour), stroke.colour[3] * seen);
    pdf.addContent(fill && stroke ? 'B' : fill ? 'f' : 'S');
  }

  private gradient({ from, to, stops }: Gradient, seen: number) {
    const gradient = this.pdf.linearGradient(...from, ...to);
    for (const { at, colour } of stops) gradient.stop(at, hexOf(colour), colour[3] * seen);
    return gradient;
  }

  private picture({ picture, x, y, width, height, seen }: Extract<DrawnMark, { kind: 'picture' }>, bytes: Uint8Array) {
    const opened = this.opened.get(picture) ?? untold(this.pdf).openImage(bytes);
    this.opened.set(picture, opened);
    this.pdf.opacity(seen).image(opened, x, y, { width, height });
  }

  private readonly opened = new Map<string, PDFKit.Mixins.ImageSrc>();

  private run({ text, x, y, width, size, font, colour, slanted, seen }: RunMark): void {
    const { pdf } = this;
    this.useFont(font, size);
    if (slanted) pdf.transform(1, 0, -SLANT, 1, SLANT * y, 0);
    pdf.fillColor(inBytes(colour), colour[3] * seen);
    const count = [...text].length;
    const natural = pdf.widthOfString(text);
    // The browser's letters and these are the same ones; what is left is tracking and spread lines.
    const characterSpacing = count > 1 ? (width - natural) / (count - 1) : 0;
    const isOff = Math.abs(width - natural) > 0.002 * width;
    pdf.text(text, x, y, {
      lineBreak: false,
      baseline: 'alphabetic',
      ...(isOff ? { characterSpacing } : {}),
    });
  }

  private useFont(font: PageFont, size: number): void {
    const key = fontKey(font);
    if (!this.known.has(key)) {
      const bytes = this.contents.fonts.get(key);
      if (!bytes) throw new Error(`there is no font for ${key}`);
      this.pdf.registerFont(key, bytes);
      this.known.add(key);
    }
    this.pdf.font(key).fontSize(size);
  }

  private words(layer: WordsLayer, sheet: Sheet, section: Structure): void {
    const lineHeight = layer.size * 1.35;
    const lines = layer.text.split('\n').flatMap((paragraph) => this.linesOf(paragraph, layer));
    const room = Math.max(1, Math.floor(layer.height / lineHeight));
    const onSheet = layer.flows ? lines : cutShort(lines, room);
    let top = layer.y;
    const element = this.pdf.struct(layer.role);
    let left = layer.flows ? room : Infinity;
    element.add(this.pdf.markStructureContent(layer.role));
    for (const line of onSheet) {
      if (left === 0) {
        this.pdf.endMarkedContent();
        this.newPage(sheet);
        top = layer.x;
        left = Math.floor((sheet.height - 2 * layer.x) / lineHeight);
        element.add(this.pdf.markStructureContent(layer.role));
      }
      this.line(line, layer, top + layer.size);
      top += lineHeight;
      left -= 1;
    }
    this.pdf.endMarkedContent();
    section.add(element);
  }

  private line(text: string, layer: WordsLayer, baseline: number): void {
    const runs = this.inFonts(text, layer);
    const widths = runs.map(({ font, text: run }) => this.widthOf(run, font, layer.size));
    const free = layer.width - widths.reduce((sum, width) => sum + width, 0);
    let x = layer.x + { left: 0, center: free / 2, right: free }[layer.align];
    runs.forEach(({ font, text: run }, at) => {
      this.useFont(font, layer.size);
      this.pdf.fillColor([29, 43, 42], 1);
      this.pdf.text(run, x, baseline, { lineBreak: false, baseline: 'alphabetic' });
      x += widths[at] ?? 0;
    });
  }

  private linesOf(paragraph: string, layer: WordsLayer): readonly string[] {
    const lines: string[] = [];
    let line = '';
    for (const word of paragraph.split(/(?<=\s)/)) {
      if (line !== '' && this.widthOfLine(line + word.trimEnd(), layer) > layer.width) {
        lines.push(line.trimEnd());
        line = '';
      }
      line += word;
    }
    return [...lines, line.trimEnd()];
  }

  private widthOfLine(text: string, layer: WordsLayer): number {
    return this.inFonts(text, layer).reduce((sum, { font, text: run }) => sum + this.widthOf(run, font, layer.size), 0);
  }

  private widthOf(text: string, font: PageFont, size: number): number {
    this.useFont(font, size);
    return this.pdf.widthOfString(text);
  }

  /** Letters with the first font that has them; what none has is left out. */
  private inFonts(text: string, { bold }: WordsLayer): readonly { readonly font: PageFont; readonly text: string }[] {
    const runs: { font: PageFont; text: string }[] = [];
    for (const letter of text) {
      const font = this.contents.wordFonts[bold ? 'bold' : 'plain'].find((each) => this.has(each, letter));
      const last = runs.at(-1);
      if (!font) continue;
      if (last && fontKey(last.font) === fontKey(font)) last.text += letter;
      else runs.push({ font, text: letter });
    }
    return runs;
  }

  private has(font: PageFont, letter: string): boolean {
    this.useFont(font, 12);
    return untold(this.pdf)._font.font.hasGlyphForCodePoint(letter.codePointAt(0) ?? 0);
  }
}

function cutShort(lines: readonly string[], room: number): readonly string[] {
  if (lines.length <= room) return lines;
  return [...lines.slice(0, room - 1), `${lines[room - 1] ?? ''}…`];
}
