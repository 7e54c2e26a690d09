/** Web addresses as QR codes. */
export { asPicture, useQrCode } from './use-qr-code';
