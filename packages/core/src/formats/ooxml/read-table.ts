/** Reads tables (ECMA-376 part 1, 21.1.3). */
import { cellField, type Fields, MOST_LINES, type TableHeadings } from '../../deck/index.js';
import type { Frame } from '../../geometry/index.js';
import type { UnreadPart } from '../loss.js';
import { foundLines, lineId } from '../presentation/found-table.js';
import { foundText } from '../presentation/found-text.js';
import { childAt, childrenOf, type XmlElement } from '../xml/index.js';
import { EMU } from './names.js';
import { colourIn } from './read-colours.js';
import { isTrue, readParagraphs, type TextAround, usualLetters } from './read-text.js';

/** The fields of a table. @param styles the levels that hold for its texts */
export function readTable(
  table: XmlElement,
  frame: Frame,
  styles: readonly (XmlElement | null)[],
  around: TextAround,
  lose: (part: UnreadPart) => void,
): Fields {
  const columns = childrenOf(childAt(table, 'a:tblGrid'), 'a:gridCol').slice(0, MOST_LINES);
  const rows = childrenOf(table, 'a:tr').slice(0, MOST_LINES);
  if (childrenOf(table, 'a:tr').length > MOST_LINES) lose('other');
  const properties = childAt(table, 'a:tblPr')?.attributes ?? {};
  const headings = headingsOf(isTrue(properties['firstRow']), isTrue(properties['firstCol']));
  const size = (written: string | undefined, all: number, count: number) =>
    Number(written) > 0 ? Number(written) / EMU : all / count;
  const lines = [
    ...foundLines(
      'row',
      rows.map(({ attributes }) => size(attributes['h'], frame.height, rows.length)),
    ),
    ...foundLines(
      'column',
      columns.map(({ attributes }) => size(attributes['w'], frame.width, columns.length)),
    ),
  ];
  const cells = rows.flatMap((row, rowAt) =>
    childrenOf(row, 'a:tc')
      .slice(0, columns.length)
      .map((cell, columnAt) => {
        const { gridSpan, rowSpan, hMerge, vMerge } = cell.attributes;
        if (Number(gridSpan) > 1 || Number(rowSpan) > 1 || isTrue(hMerge) || isTrue(vMerge)) lose('merged-cells');
        const body = childAt(cell, 'a:txBody');
        const found = foundText(readParagraphs(body, styles, null, around), usualLetters(styles, null, around));
        return { ...found, rowAt, columnAt, properties: childAt(cell, 'a:tcPr') };
      }),
  );
  const isHead = ({ rowAt, columnAt }: { readonly rowAt: number; readonly columnAt: number }) =>
    (rowAt === 0 && (headings === 'row' || headings === 'both')) ||
    (columnAt === 0 && (headings === 'column' || headings === 'both'));
  const bodies = cells.filter((cell) => !isHead(cell));
  const of = (isHeading: boolean) => (isHeading ? cells.find(isHead) : bodies[0]);
  const fillOf = (cell: (typeof cells)[number] | undefined) =>
    colourIn(childAt(cell?.properties ?? null, 'a:solidFill'), around.colours);
  const [fill, headingFill] = [fillOf(of(false)), fillOf(of(true))];
  const line = childAt(bodies[0]?.properties ?? null, 'a:lnB') ?? childAt(bodies[0]?.properties ?? null, 'a:lnR');
  const outline = colourIn(childAt(line, 'a:solidFill'), around.colours);
  const look = bodies[0]?.look ?? cells[0]?.look;
  // A table that says nothing of its looks has those of the theme.
  const isPlain = !fill && !headingFill && !outline;
  const anchor = bodies[0]?.properties?.attributes['anchor'];
  return {
    ...Object.fromEntries(lines),
    ...Object.fromEntries(
      cells.map(
        ({ text, rowAt, columnAt }) => [cellField(lineId('row', rowAt), lineId('column', columnAt)), text] as const,
      ),
    ),
    headings,
    ...(look
      ? { look: { ...look, upright: anchor === 'ctr' ? 'middle' : anchor === 'b' ? 'bottom' : 'top', fit: 'grow' } }
      : {}),
    ...(isPlain
      ? { byTheme: true }
      : {
          fill: fill?.color ?? 'transparent',
          opacity: fill?.opacity ?? 1,
          headingFill: headingFill?.color ?? fill?.color ?? 'transparent',
          headingColor: of(true)?.look.color ?? 'words',
          outline: outline?.color ?? 'words',
          outlineWidth: outline ? Number(line?.attributes['w'] ?? 12_700) / EMU : 0,
        }),
  };
}

function headingsOf(row: boolean, column: boolean): TableHeadings {
  return row && column ? 'both' : row ? 'row' : column ? 'column' : 'none';
}
