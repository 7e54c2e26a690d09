/** PDFs whose objects lie together, by what another program finds in them. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { strToU8 } from 'fflate';
import PDFDocument from 'pdfkit';
import { packObjects } from './pack-objects.js';
import { bytesOf } from './pdfkit.js';

/** A tagged document of so many pages with so many parts each, as pdfkit writes it. */
async function document(pages: number, parts: number): Promise<Uint8Array<ArrayBuffer>> {
  const pdf = new PDFDocument({ autoFirstPage: false, pdfVersion: '1.7', tagged: true, font: '' });
  const bytes = bytesOf(pdf);
  const whole = pdf.struct('Document');
  pdf.addStructure(whole);
  for (let page = 0; page < pages; page += 1) {
    pdf.addPage({ size: [400, 300] });
    for (let part = 0; part < parts; part += 1)
      whole.add(
        pdf.struct('Figure', { alt: `shell ${part} (ä)` }, () => pdf.rect(10 + part, 10, 5, 5).fill('#336655')),
      );
  }
  whole.end();
  pdf.end();
  return bytes;
}

const folder = mkdtempSync(join(tmpdir(), 'packed-'));
function fileOf(bytes: Uint8Array): string {
  const path = join(folder, `${bytes.length}.pdf`);
  writeFileSync(path, bytes);
  return path;
}
/** Every object, unpacked, with the numbers that qpdf gives them in the order in which they are found. */
function plain(bytes: Uint8Array): string {
  const out = join(folder, 'plain.pdf');
  execFileSync('qpdf', [
    '--qdf',
    '--object-streams=disable',
    '--static-id',
    '--no-original-object-ids',
    fileOf(bytes),
    out,
  ]);
  // What the trailer says of where things are differs, as they lie elsewhere.
  return readFileSync(out, 'latin1').replace(/\/ID \[[^\]]*\]/, '');
}

test('another program finds the same in it, without a complaint, and it is a fraction as large', async () => {
  const pdf = await document(12, 60);
  const packed = packObjects(pdf);
  expect(packed.length).toBeLessThan(pdf.length / 4);
  const said = execFileSync('qpdf', ['--check', fileOf(packed)], { encoding: 'utf8' });
  expect(said).toContain('No syntax or stream encoding errors');
  expect(plain(packed)).toBe(plain(pdf));
});

test('a document of a single page comes out whole too', async () => {
  const pdf = await document(1, 0);
  expect(plain(packObjects(pdf))).toBe(plain(pdf));
});

test('what is packed already, cut short or no document at all stays as it is', async () => {
  const pdf = await document(2, 3);
  const packed = packObjects(pdf);
  expect(packObjects(packed)).toBe(packed);
  // All but its last line's end, without which it is whole as well.
  for (let end = 0; end < pdf.length - 1; end += 1) {
    const cut = pdf.slice(0, end);
    expect(packObjects(cut) === cut).toBe(true);
  }
  const none = strToU8('startxref\n3\n%%EOF');
  expect(packObjects(none)).toBe(none);
});
