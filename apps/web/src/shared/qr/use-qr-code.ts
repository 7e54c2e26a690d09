/** A web address as a QR code. */
import { useQuery } from '@tanstack/react-query';
import { toString as drawQr } from 'qrcode';

/** An SVG drawing; `null` until it is drawn. */
export function useQrCode(address: string): string | null {
  const drawing = useQuery({
    queryKey: ['qr drawing', address],
    queryFn: () => drawQr(address, { type: 'svg', margin: 2 }),
    staleTime: Infinity,
  });
  return drawing.data ?? null;
}

/** An SVG drawing as the address of a picture. */
export function asPicture(drawing: string): string {
  return `data:image/svg+xml,${encodeURIComponent(drawing)}`;
}
