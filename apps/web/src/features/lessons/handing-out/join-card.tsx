/** The way into a lesson: address, code and QR code. */
import { readableCode } from '@gobrel/contract/join-code';
import { Copy } from 'lucide-react';
import { asPicture, useQrCode } from '../../../shared/qr';
import { copyText, IconButton } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

/** The address that leads straight into a lesson. */
export function joinAddress(code: string): string {
  return new URL(`/join/${code}`, window.location.origin).href;
}

/** Where to go to type a code: host and path, as it is read from a screen. */
export function joinPlace(): string {
  return `${window.location.host}/join`;
}

/** The way in; `large` for a projector. */
export function JoinCard({ code, large = false }: { code: string; large?: boolean }) {
  const address = joinAddress(code);
  const drawing = useQrCode(address);
  return (
    <div className={`flex items-center gap-6 ${large ? '' : 'flex-wrap'}`}>
      {drawing ? (
        <img
          src={asPicture(drawing)}
          alt={messages.handOut.qr}
          className={`rounded-md border border-edge flex-none ${large ? 'size-[min(47vh,32vw)]' : 'size-48'}`}
        />
      ) : (
        <div className="size-48" />
      )}
      <dl className="flex min-w-0 flex-col gap-2">
        <dt className={`text-soft ${large ? 'text-[2.5vw]' : 'text-sm'}`}>{messages.handOut.code}</dt>
        <dd
          className={`font-display font-bold tracking-wide ${large ? 'text-[min(10.5vw,22vh)] leading-none' : 'text-5xl'}`}
        >
          {readableCode(code)}
        </dd>
        <dt className={`mt-2 text-soft ${large ? 'text-[2.5vw]' : 'text-sm'}`}>{messages.handOut.address}</dt>
        <dd className="flex items-center gap-1">
          {large ? (
            <span className="text-[3.6vw] font-bold leading-tight wrap-anywhere">{joinPlace()}</span>
          ) : (
            <span className="break-all">{address}</span>
          )}
          {large ? null : (
            <IconButton name={messages.handOut.copy} onClick={() => void copyText(address)}>
              <Copy size={18} aria-hidden />
            </IconButton>
          )}
        </dd>
      </dl>
    </div>
  );
}
