/** An address as a code for cameras (QR, ISO/IEC 18004), dark on light in every scheme: cameras want it so. */
import { create } from 'qrcode';

/** Fields of nothing around the code, as cameras need. */
const QUIET = 2;

export function CodeDrawing({ address }: { address: string }) {
  const { modules } = create(address, { errorCorrectionLevel: 'M' });
  const rows = Array.from({ length: modules.size }, (_, row) => row);
  const d = rows
    .flatMap((row) => rows.filter((column) => modules.get(row, column)).map((column) => `M${column} ${row}h1v1h-1Z`))
    .join('');
  const side = modules.size + 2 * QUIET;
  return (
    <svg
      viewBox={`${-QUIET} ${-QUIET} ${side} ${side}`}
      data-code={address}
      aria-hidden="true"
      shapeRendering="crispEdges"
    >
      <rect x={-QUIET} y={-QUIET} width={side} height={side} fill="#ffffff" />
      <path d={d} fill="#000000" />
    </svg>
  );
}
