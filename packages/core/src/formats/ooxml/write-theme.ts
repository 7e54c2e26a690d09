/** Writes a theme, its master and its layouts (ECMA-376 part 1, 20.1.6 and 19.3.1). */
import {
  colourIn,
  colourNames,
  frameOfPart,
  type LayoutName,
  layoutNames,
  type LayoutPart,
  partsIn,
  PLAIN_LOOK,
  type Role,
  type SlideSize,
  type TextLook,
  type TextStyleName,
  type Theme,
  type ThemeColours,
  themeOn,
} from '../../deck/index.js';
import { FONT_FAMILIES } from '../presentation/font-families.js';
import { write, type Written } from '../xml/index.js';
import { namespaces } from './names.js';
import { writeFrame } from './write-items.js';
import { BOLD, LINE, writeBody, writeFill, writeListStyle } from './write-text.js';
import { LETTER } from './names.js';

const all = { 'xmlns:a': namespaces.a, 'xmlns:r': namespaces.r, 'xmlns:p': namespaces.p };

/** What layouts are in PresentationML, by ours. */
export const layoutTypes: Readonly<Record<LayoutName, string>> = {
  title: 'title',
  section: 'secHead',
  'title-and-text': 'obj',
  'two-columns': 'twoObj',
  picture: 'picTx',
  question: 'titleOnly',
  worksheet: 'titleOnly',
  story: 'titleOnly',
  'class-page': 'titleOnly',
  // What was placed freely may still have a title, which only this one has a placeholder for.
  blank: 'titleOnly',
};

/** The placeholders of roles: their type, and their number where there are several of one. */
const placeholders: Readonly<Partial<Record<Role, { readonly type?: string; readonly idx?: number }>>> = {
  title: { type: 'title' },
  subtitle: { type: 'subTitle', idx: 1 },
  body: { idx: 1 },
  'second-body': { idx: 2 },
  picture: { type: 'pic', idx: 1 },
  caption: { type: 'body', idx: 2 },
};

/** The placeholder of a role in a layout; `null` where files have none. */
export function writePlaceholder(role: Role, layout: LayoutName): Written | null {
  const found = placeholders[role];
  if (!found || !partsRoles(layout).includes(role)) return null;
  const opens = role === 'title' && layout === 'title';
  return write('p:ph', { type: opens ? 'ctrTitle' : found.type, idx: found.idx });
}

function partsRoles(layout: LayoutName): readonly Role[] {
  return roles[layout];
}

const roles: Readonly<Record<LayoutName, readonly Role[]>> = {
  title: ['title', 'subtitle'],
  section: ['title', 'subtitle'],
  'title-and-text': ['title', 'body'],
  'two-columns': ['title', 'body', 'second-body'],
  picture: ['picture', 'caption'],
  question: ['title'],
  worksheet: ['title', 'body'],
  story: ['title', 'body'],
  'class-page': ['title'],
  blank: ['title'],
};

/** The colours of a theme as DrawingML orders them: words and grounds, three that stand out, links. */
function writeColours(name: string, colours: ThemeColours): Written {
  const { words, ground, soft, accent, second, third } = colours;
  const each = {
    dk1: words,
    lt1: ground,
    dk2: soft,
    lt2: ground,
    accent1: accent,
    accent2: second,
    accent3: third,
    accent4: accent,
    accent5: second,
    accent6: third,
    hlink: accent,
    folHlink: soft,
  };
  return write(
    'a:clrScheme',
    { name },
    ...Object.entries(each).map(([key, colour]) =>
      write(`a:${key}`, {}, write('a:srgbClr', { val: colour.slice(1).toUpperCase() })),
    ),
  );
}

/** A theme. */
export function writeTheme(theme: Theme): Written {
  const fonts = (name: string, family: string) =>
    write(
      name,
      {},
      write('a:latin', { typeface: family }),
      write('a:ea', { typeface: '' }),
      write('a:cs', { typeface: '' }),
    );
  const plain = write('a:solidFill', {}, write('a:schemeClr', { val: 'phClr' }));
  const line = (w: number) => write('a:ln', { w }, plain);
  const noEffect = write('a:effectStyle', {}, write('a:effectLst'));
  return write(
    'a:theme',
    { 'xmlns:a': namespaces.a, name: theme.name },
    write(
      'a:themeElements',
      {},
      writeColours(theme.name, theme.colours),
      write(
        'a:fontScheme',
        { name: theme.name },
        fonts('a:majorFont', FONT_FAMILIES[theme.headingFont]),
        fonts('a:minorFont', FONT_FAMILIES[theme.textFont]),
      ),
      write(
        'a:fmtScheme',
        { name: theme.name },
        write('a:fillStyleLst', {}, plain, plain, plain),
        write('a:lnStyleLst', {}, line(9525), line(19_050), line(28_575)),
        write('a:effectStyleLst', {}, noEffect, noEffect, noEffect),
        write('a:bgFillStyleLst', {}, plain, plain, plain),
      ),
    ),
  );
}

/** The colours that title or section slides have of their own. */
export function writeThemeOverride(theme: Theme, page: 'title' | 'section'): Written {
  return write('a:themeOverride', { 'xmlns:a': namespaces.a }, writeColours(theme.name, theme.pages[page].colours));
}

/** The master, whose layouts are related to it as they are given. */
export function writeMaster(theme: Theme, size: SlideSize, layoutRelations: readonly string[]): Written {
  const [titlePart, bodyPart] = partsIn(theme, 'title-and-text');
  const shapes = [titlePart, bodyPart].flatMap((part, at) =>
    part
      ? [placeholderShape(part, size, at + 2, write('p:ph', at === 0 ? { type: 'title' } : { type: 'body', idx: 1 }))]
      : [],
  );
  return write(
    'p:sldMaster',
    all,
    write('p:cSld', {}, groundOf('ground'), tree(shapes)),
    writeColourMap(),
    write(
      'p:sldLayoutIdLst',
      {},
      ...layoutRelations.map((relation, at) => write('p:sldLayoutId', { id: 2_147_483_649 + at, 'r:id': relation })),
    ),
    write(
      'p:txStyles',
      {},
      write('p:titleStyle', {}, ...levels(theme, 'title', 1)),
      write('p:bodyStyle', {}, ...levels(theme, 'body', 9)),
      write('p:otherStyle', {}, ...levels(theme, 'body', 9)),
    ),
  );
}

/** What the names of colours stand for on slides: what they stand for in the theme, words and grounds of their own. */
export function writeColourMap(): Written {
  const same = ['accent1', 'accent2', 'accent3', 'accent4', 'accent5', 'accent6', 'hlink', 'folHlink'];
  const grounds = { bg1: 'lt1', tx1: 'dk1', bg2: 'lt2', tx2: 'dk2' };
  return write('p:clrMap', { ...grounds, ...Object.fromEntries(same.map((name) => [name, name])) });
}

/** How a text style sets each level. */
function levels(theme: Theme, style: TextStyleName, count: number): readonly Written[] {
  const { size, color, heading, weight, lineSpacing, font, tracking } = theme.styles[style];
  const isBold = weight === null ? heading : weight >= BOLD;
  return Array.from({ length: count }, (_none, level) =>
    write(
      `a:lvl${level + 1}pPr`,
      { marL: 0, indent: 0, algn: 'l' },
      ...(lineSpacing === null
        ? []
        : [write('a:lnSpc', {}, write('a:spcPct', { val: Math.round((lineSpacing / LINE) * 100_000) }))]),
      write('a:buNone'),
      write(
        'a:defRPr',
        {
          sz: Math.round(size * LETTER),
          b: isBold ? 1 : 0,
          spc: tracking === null ? undefined : Math.round(tracking * size * LETTER),
        },
        writeFill(color),
        write('a:latin', { typeface: font ? FONT_FAMILIES[font] : heading ? '+mj-lt' : '+mn-lt' }),
      ),
    ),
  );
}

/** A layout. */
export function writeLayout(theme: Theme, layout: LayoutName, size: SlideSize): Written {
  const shapes = partsIn(theme, layout === 'blank' ? 'question' : layout).flatMap((part, at) => {
    const placeholder = writePlaceholder(part.role, layout);
    return placeholder ? [placeholderShape(part, size, at + 2, placeholder, theme)] : [];
  });
  return write(
    'p:sldLayout',
    { ...all, type: layoutTypes[layout], preserve: 1 },
    write('p:cSld', { name: layout }, tree(shapes)),
    write('p:clrMapOvr', {}, write('a:masterClrMapping')),
  );
}

function placeholderShape(
  part: LayoutPart,
  size: SlideSize,
  id: number,
  placeholder: Written,
  theme: Theme | null = null,
): Written {
  const look: TextLook | null = part.look ? { ...PLAIN_LOOK, ...part.look } : null;
  const styled = look && theme && look.style ? { ...look, ...theme.styles[look.style], align: look.align } : look;
  return write(
    'p:sp',
    {},
    write(
      'p:nvSpPr',
      {},
      write('p:cNvPr', { id, name: part.role }),
      write('p:cNvSpPr', {}, write('a:spLocks', { noGrp: 1 })),
      write('p:nvPr', {}, placeholder),
    ),
    write('p:spPr', {}, writeFrame(frameOfPart(part, size))),
    write(
      'p:txBody',
      {},
      styled ? writeBody(styled) : write('a:bodyPr'),
      styled && theme ? writeListStyle(styled) : write('a:lstStyle'),
      write('a:p'),
    ),
  );
}

/** The shapes of a slide, a layout or a master. */
export function tree(shapes: readonly Written[]): Written {
  return write(
    'p:spTree',
    {},
    write('p:nvGrpSpPr', {}, write('p:cNvPr', { id: 1, name: '' }), write('p:cNvGrpSpPr'), write('p:nvPr')),
    write('p:grpSpPr'),
    ...shapes,
  );
}

/** A ground of one colour. */
export function groundOf(colour: string): Written {
  return write('p:bg', {}, write('p:bgPr', {}, writeFill(colour), write('a:effectLst')));
}

/** The layouts that slides of a deck have, in the order of ours. */
export function usedLayouts(used: ReadonlySet<LayoutName>): readonly LayoutName[] {
  return layoutNames.filter((name) => used.has(name) || name === 'title-and-text');
}

/** Whether slides of a layout have colours of their own. */
export function hasOwnColours(theme: Theme, layout: LayoutName): layout is 'title' | 'section' {
  const page = themeOn(theme, layout);
  return page !== theme && colourNames.some((name) => colourIn(page, name) !== colourIn(theme, name));
}
