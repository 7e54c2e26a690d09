/** The way into a lesson: address, code and QR code. */
import { readableCode } from '@gobrel/contract/join-code';
import { useQuery } from '@tanstack/react-query';
import { Copy } from 'lucide-react';
import { toString as drawQr } from 'qrcode';
import { IconButton, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

/** The address that leads straight into a lesson. */
export function joinAddress(code: string): string {
  return new URL(`/join/${code}`, window.location.origin).href;
}

/** An address as a QR code: the address of a picture. */
export function useQr(address: string) {
  return useQuery({
    queryKey: ['qr', address],
    queryFn: async () => `data:image/svg+xml,${encodeURIComponent(await drawQr(address, { type: 'svg', margin: 2 }))}`,
    staleTime: Infinity,
  });
}

/** The way in; `large` for a projector. */
export function JoinCard({ code, large = false }: { code: string; large?: boolean }) {
  const address = joinAddress(code);
  const qr = useQr(address);
  const copy = async () => {
    await navigator.clipboard.writeText(address);
    showToast(messages.handOut.copied);
  };
  return (
    <div className="flex flex-wrap items-center gap-6">
      {qr.data ? (
        <img
          src={qr.data}
          alt={messages.handOut.qr}
          className={`rounded-md border border-edge ${large ? 'size-[min(46vh,40vw)]' : 'size-48'}`}
        />
      ) : (
        <div className="size-48" />
      )}
      <dl className="flex min-w-0 flex-col gap-2">
        <dt className="text-sm text-soft">{messages.handOut.code}</dt>
        <dd
          className={`font-display font-bold tracking-wide ${large ? 'text-[clamp(3rem,9vw,8rem)] leading-none' : 'text-5xl'}`}
        >
          {readableCode(code)}
        </dd>
        <dt className="mt-2 text-sm text-soft">{messages.handOut.address}</dt>
        <dd className="flex items-center gap-1">
          <span className={`break-all ${large ? 'text-2xl' : ''}`}>{address}</span>
          {large ? null : (
            <IconButton name={messages.handOut.copy} onClick={() => void copy()}>
              <Copy size={18} aria-hidden />
            </IconButton>
          )}
        </dd>
      </dl>
    </div>
  );
}
