/** Reads a QR code as a camera would: from its pixels. */
import type { Locator } from '@playwright/test';
import jsQR from 'jsqr';
import sharp from 'sharp';

/** What the QR code that is shown says; `null` when it cannot be read. */
export async function readQr(shown: Locator): Promise<string | null> {
  const picture = sharp(await shown.screenshot()).ensureAlpha();
  const { data, info } = await picture.raw().toBuffer({ resolveWithObject: true });
  return jsQR(new Uint8ClampedArray(data), info.width, info.height)?.data ?? null;
}
