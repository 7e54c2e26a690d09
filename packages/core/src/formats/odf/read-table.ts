/** Reads tables of OpenDocument (ODF 1.3 part 3, 9.1). */
import { cellField, type Fields, MOST_LINES, type TextLook } from '../../deck/index.js';
import type { Frame } from '../../geometry/index.js';
import type { UnreadPart } from '../loss.js';
import { foundLines, lineId } from '../presentation/found-table.js';
import { foundText } from '../presentation/found-text.js';
import { childrenOf, type XmlElement } from '../xml/index.js';
import { readLength } from './names.js';
import type { FoundProperties } from './read-styles.js';
import { readBlocks, type TextAround, USUAL_LETTERS } from './read-text.js';

/** The fields of a table. */
export function readTable(
  table: XmlElement,
  frame: Frame,
  around: TextAround,
  lose: (part: UnreadPart) => void,
): Fields {
  const colourOf = (written: string | undefined) =>
    written && /^#[\da-f]{6}$/i.test(written) ? around.colour(written.toLowerCase()) : null;
  const all = rowsOf(table);
  const rows = all.slice(0, MOST_LINES);
  const columns = columnsOf(table).slice(0, MOST_LINES);
  if (all.length > MOST_LINES) lose('other');
  const size = (family: string, name: string | undefined, kind: string, property: string, whole: number) =>
    readLength(around.styles.properties(family, name, kind)[property]) ?? whole;
  const heights = rows.map(({ attributes }) =>
    size('table-row', attributes['table:style-name'], 'table-row', 'style:row-height', frame.height / rows.length),
  );
  const widths = columns.map((name) =>
    size('table-column', name, 'table-column', 'style:column-width', frame.width / columns.length),
  );
  const cells = rows.flatMap((row, rowAt) => {
    const own = childrenOf(row).filter(({ name }) => /^table:(covered-)?table-cell$/.test(name));
    return own.slice(0, columns.length).map((cell, columnAt) => {
      const spans = ['table:number-columns-spanned', 'table:number-rows-spanned'];
      if (spans.some((name) => Number(cell.attributes[name] ?? 1) > 1)) lose('merged-cells');
      const letters = { ...USUAL_LETTERS, color: around.colour('#000000') };
      const found = foundText(readBlocks(cell, letters, around), letters);
      const name = cell.attributes['table:style-name'];
      const looks = {
        ...around.styles.properties('table-cell', name, 'graphic'),
        ...around.styles.properties('table-cell', name, 'paragraph'),
        ...around.styles.properties('table-cell', name, 'table-cell'),
      };
      return { ...found, rowAt, columnAt, looks };
    });
  });
  const [firstRow, firstColumn] = ['table:use-first-row-styles', 'table:use-first-column-styles'].map(
    (name) => table.attributes[name] === 'true',
  );
  const isHead = ({ rowAt, columnAt }: { readonly rowAt: number; readonly columnAt: number }) =>
    (rowAt === 0 && firstRow === true) || (columnAt === 0 && firstColumn === true);
  const body = cells.find((cell) => !isHead(cell));
  const head = cells.find(isHead);
  const fillOf = (cell: typeof body) => colourOf(cell?.looks['fo:background-color'] ?? cell?.looks['draw:fill-color']);
  const line = /^([\d.]+[a-z]+)\s+(solid|dashed|dotted)\s+(#[\da-f]{6})/i.exec(
    body?.looks['fo:border-bottom'] ?? body?.looks['fo:border'] ?? '',
  );
  const [fill, headFill] = [fillOf(body), fillOf(head)];
  const isPlain = fill === null && headFill === null && line === null;
  return {
    ...Object.fromEntries([...foundLines('row', heights), ...foundLines('column', widths)]),
    ...Object.fromEntries(
      cells.map(
        ({ text, rowAt, columnAt }) => [cellField(lineId('row', rowAt), lineId('column', columnAt)), text] as const,
      ),
    ),
    headings: firstRow ? (firstColumn ? 'both' : 'row') : firstColumn ? 'column' : 'none',
    ...(body ? { look: { ...body.look, upright: uprightOf(body.looks), fit: 'grow' } } : {}),
    ...(isPlain
      ? { byTheme: true }
      : {
          fill: fill ?? 'transparent',
          headingFill: headFill ?? fill ?? 'transparent',
          headingColor: head?.look.color ?? 'words',
          outline: colourOf(line?.[3]) ?? 'words',
          outlineWidth: readLength(line?.[1]) ?? 0,
          dash: line?.[2] ?? 'solid',
        }),
  };
}

function uprightOf(looks: FoundProperties): TextLook['upright'] {
  const said = looks['style:vertical-align'] ?? looks['draw:textarea-vertical-align'];
  return said === 'middle' || said === 'bottom' ? said : 'top';
}

function rowsOf(table: XmlElement): readonly XmlElement[] {
  return childrenOf(table).flatMap((child): readonly XmlElement[] => {
    if (child.name === 'table:table-row')
      return Array.from(
        { length: Math.min(MOST_LINES, Number(child.attributes['table:number-rows-repeated'] ?? 1)) },
        () => child,
      );
    return /^table:table-(header-rows|rows|row-group)$/.test(child.name) ? rowsOf(child) : [];
  });
}

/** The names of the styles of columns. */
function columnsOf(table: XmlElement): readonly (string | undefined)[] {
  return childrenOf(table).flatMap((child): readonly (string | undefined)[] => {
    if (child.name === 'table:table-column')
      return Array.from(
        { length: Math.min(MOST_LINES, Number(child.attributes['table:number-columns-repeated'] ?? 1)) },
        () => child.attributes['table:style-name'],
      );
    return /^table:table-(header-columns|columns|column-group)$/.test(child.name) ? columnsOf(child) : [];
  });
}
