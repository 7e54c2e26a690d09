/** The web address of a share: to be read, selected and copied. */
import { Copy } from 'lucide-react';
import { messages } from '../../../shared/messages';
import { Button, copyText } from '../../../shared/ui';
import { Row } from './section';

/** Where a share is looked at. @param address the last part of it */
export function webAddress(address: string): string {
  return new URL(`/show/${address}`, window.location.origin).href;
}

export function AddressRow({ label, address }: { label: string; address: string }) {
  const url = webAddress(address);
  return (
    <Row label={label}>
      <input
        readOnly
        aria-label={label}
        value={url}
        onFocus={({ target }) => target.select()}
        className="min-h-control min-w-40 flex-1 text-ellipsis rounded-md border border-edge bg-card px-2.5"
      />
      <Button onClick={() => void copyText(url)}>
        <Copy size={18} aria-hidden /> {messages.sharing.copyLink}
      </Button>
    </Row>
  );
}
