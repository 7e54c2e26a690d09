/** The QR code by which others come to follow a show. */
import { messages } from '../../../shared/messages';
import { asPicture, useQrCode } from '../../../shared/qr';
import { webAddress } from '../share-dialog/address-row';

export function FollowCode({ address, className }: { address: string; className: string }) {
  const drawing = useQrCode(webAddress(address));
  if (drawing === null) return null;
  return (
    <img
      src={asPicture(drawing)}
      alt={messages.following.qr}
      className={`rounded-md border border-edge bg-white ${className}`}
    />
  );
}
