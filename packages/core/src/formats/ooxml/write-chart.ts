/** Writes charts, with their figures in them and in a sheet that can be worked on (ECMA-376 part 1, 21.2 and 18). */
import { strToU8, zipSync } from 'fflate';
import type { ChartForm, ChartItem } from '../../deck/index.js';
import { write, type Written, writeXml } from '../xml/index.js';
import { namespaces } from './names.js';
import { writeColour } from './write-text.js';

const COLOURS = ['accent', 'second', 'third', 'soft', 'words', 'accent'] as const;

/** The chart. @param sheet the relation to its figures in a sheet */
export function writeChart({ form, title, figures, isSaid, size }: ChartItem, sheet: string): Written {
  const names = figures?.names ?? [];
  const all = figures?.series ?? [];
  const series = (form === 'parts' ? all.slice(0, 1) : all).map(({ name, figures: values }, at) => {
    const column = columnName(at + 1);
    const colour = COLOURS[at] ?? 'accent';
    const paint = write('a:solidFill', {}, writeColour(colour));
    const line = write('c:spPr', {}, write('a:ln', { w: 28_575 }, form === 'dots' ? write('a:noFill') : paint));
    return write(
      'c:ser',
      {},
      write('c:idx', { val: at }),
      write('c:order', { val: at }),
      write('c:tx', {}, strings(`Sheet1!$${column}$1`, [name])),
      ...(form === 'lines' || form === 'dots' ? [line] : form === 'bars' ? [write('c:spPr', {}, paint)] : []),
      ...(form === 'bars' ? [write('c:invertIfNegative', { val: 0 })] : []),
      ...(form === 'lines' || form === 'dots' ? [write('c:marker', {}, write('c:symbol', { val: 'circle' }))] : []),
      ...(isSaid ? [labels()] : []),
      write('c:cat', {}, strings(`Sheet1!$A$2:$A$${names.length + 1}`, names)),
      write('c:val', {}, numbers(`Sheet1!$${column}$2:$${column}$${names.length + 1}`, values)),
      ...(form === 'lines' || form === 'dots' ? [write('c:smooth', { val: 0 })] : []),
    );
  });
  return write(
    'c:chartSpace',
    { 'xmlns:c': namespaces.c, 'xmlns:a': namespaces.a, 'xmlns:r': namespaces.r },
    write(
      'c:chart',
      {},
      ...(title === '' ? [] : [titled(title)]),
      write('c:autoTitleDeleted', { val: title === '' ? 1 : 0 }),
      write('c:plotArea', {}, write('c:layout'), plot(form, series), ...(form === 'parts' ? [] : axes())),
      ...(series.length > 1 || form === 'parts'
        ? [write('c:legend', {}, write('c:legendPos', { val: 'b' }), write('c:overlay', { val: 0 }))]
        : []),
      write('c:plotVisOnly', { val: 1 }),
    ),
    write(
      'c:txPr',
      {},
      write('a:bodyPr'),
      write('a:lstStyle'),
      write('a:p', {}, write('a:pPr', {}, write('a:defRPr', { sz: Math.round(size * 75) }))),
    ),
    write('c:externalData', { 'r:id': sheet }, write('c:autoUpdate', { val: 0 })),
  );
}

function plot(form: ChartForm, series: readonly Written[]): Written {
  const axisIds = [write('c:axId', { val: 1001 }), write('c:axId', { val: 1002 })];
  switch (form) {
    case 'bars':
      return write(
        'c:barChart',
        {},
        write('c:barDir', { val: 'col' }),
        write('c:grouping', { val: 'clustered' }),
        write('c:varyColors', { val: 0 }),
        ...series,
        write('c:gapWidth', { val: 60 }),
        ...axisIds,
      );
    case 'parts':
      return write('c:pieChart', {}, write('c:varyColors', { val: 1 }), ...series);
    default:
      return write(
        'c:lineChart',
        {},
        write('c:grouping', { val: 'standard' }),
        write('c:varyColors', { val: 0 }),
        ...series,
        write('c:marker', { val: 1 }),
        ...axisIds,
      );
  }
}

function axes(): readonly Written[] {
  const axis = (name: string, id: number, crosses: number, position: string, more: readonly Written[]) =>
    write(
      name,
      {},
      write('c:axId', { val: id }),
      write('c:scaling', {}, write('c:orientation', { val: 'minMax' })),
      write('c:delete', { val: 0 }),
      write('c:axPos', { val: position }),
      ...more,
      write('c:numFmt', { formatCode: 'General', sourceLinked: 0 }),
      write('c:majorTickMark', { val: 'none' }),
      write('c:minorTickMark', { val: 'none' }),
      write('c:tickLblPos', { val: 'nextTo' }),
      write('c:crossAx', { val: crosses }),
      write('c:crosses', { val: 'autoZero' }),
    );
  return [axis('c:catAx', 1001, 1002, 'b', []), axis('c:valAx', 1002, 1001, 'l', [write('c:majorGridlines')])];
}

function labels(): Written {
  const shown = ['LegendKey', 'Val', 'CatName', 'SerName', 'Percent', 'BubbleSize'];
  return write('c:dLbls', {}, ...shown.map((each) => write(`c:show${each}`, { val: each === 'Val' ? 1 : 0 })));
}

function titled(title: string): Written {
  const run = write('a:r', {}, write('a:t', {}, title));
  const rich = write('c:rich', {}, write('a:bodyPr'), write('a:lstStyle'), write('a:p', {}, run));
  return write('c:title', {}, write('c:tx', {}, rich), write('c:overlay', { val: 0 }));
}

function strings(where: string, values: readonly string[]): Written {
  const points = values.map((value, idx) => write('c:pt', { idx }, write('c:v', {}, value)));
  return write(
    'c:strRef',
    {},
    write('c:f', {}, where),
    write('c:strCache', {}, write('c:ptCount', { val: values.length }), ...points),
  );
}

function numbers(where: string, values: readonly (number | null)[]): Written {
  const points = values.flatMap((value, idx) =>
    value === null ? [] : [write('c:pt', { idx }, write('c:v', {}, String(value)))],
  );
  return write(
    'c:numRef',
    {},
    write('c:f', {}, where),
    write(
      'c:numCache',
      {},
      write('c:formatCode', {}, 'General'),
      write('c:ptCount', { val: values.length }),
      ...points,
    ),
  );
}

function columnName(at: number): string {
  return String.fromCharCode(65 + at);
}

const SHEETS = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
const PACKAGE = 'http://schemas.openxmlformats.org/package/2006';
const DOCUMENT = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
const TYPE = 'application/vnd.openxmlformats-officedocument.spreadsheetml';

/** The figures of a chart as a workbook of one sheet: names in its first column, a series in each further one. */
export function writeFigures({ figures }: ChartItem): Uint8Array {
  const series = figures?.series ?? [];
  const text = (value: string): Written => write('c', { t: 'inlineStr' }, write('is', {}, write('t', {}, value)));
  const value = (number: number | null): Written =>
    number === null ? write('c') : write('c', {}, write('v', {}, String(number)));
  const head = write('row', {}, ...['', ...series.map(({ name }) => name)].map(text));
  const rows = (figures?.names ?? []).map((name, at) =>
    write('row', {}, text(name), ...series.map((each) => value(each.figures[at] ?? null))),
  );
  const relations = (type: string, target: string) =>
    write(
      'Relationships',
      { xmlns: `${PACKAGE}/relationships` },
      write('Relationship', { Id: 'rId1', Type: `${DOCUMENT}/${type}`, Target: target }),
    );
  const xml = (root: Written) => strToU8(writeXml(root, false));
  return zipSync({
    '[Content_Types].xml': xml(
      write(
        'Types',
        { xmlns: `${PACKAGE}/content-types` },
        write('Default', {
          Extension: 'rels',
          ContentType: 'application/vnd.openxmlformats-package.relationships+xml',
        }),
        write('Override', { PartName: '/xl/workbook.xml', ContentType: `${TYPE}.sheet.main+xml` }),
        write('Override', { PartName: '/xl/worksheets/sheet1.xml', ContentType: `${TYPE}.worksheet+xml` }),
      ),
    ),
    '_rels/.rels': xml(relations('officeDocument', 'xl/workbook.xml')),
    'xl/workbook.xml': xml(
      write(
        'workbook',
        { xmlns: SHEETS, 'xmlns:r': DOCUMENT },
        write('sheets', {}, write('sheet', { name: 'Sheet1', sheetId: 1, 'r:id': 'rId1' })),
      ),
    ),
    'xl/_rels/workbook.xml.rels': xml(relations('worksheet', 'worksheets/sheet1.xml')),
    'xl/worksheets/sheet1.xml': xml(write('worksheet', { xmlns: SHEETS }, write('sheetData', {}, head, ...rows))),
  });
}
