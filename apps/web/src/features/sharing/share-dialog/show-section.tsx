/** The published show: its address, QR code and code to embed, what it shows, until when, and how often it was viewed. */
import { EMBED_WIDTHS, embedCode, type ShareTerms, type ShareView } from '@gobrel/contract';
import { sizeOf } from '@gobrel/core/deck';
import { Code, Download, ExternalLink, Globe } from 'lucide-react';
import { useState } from 'react';
import { saveText } from '../../../shared/downloads';
import { messages } from '../../../shared/messages';
import { asPicture, useQrCode } from '../../../shared/qr';
import { Button, buttonClasses, ConfirmDialog, copyText, Select, Switch } from '../../../shared/ui';
import { otherOrigin } from '../try-embedding/other-origin';
import { AddressRow, webAddress } from './address-row';
import { PasscodeField } from './passcode-field';
import { Row, Section } from './section';
import type { SharedDeck } from './shared-deck';
import { UntilField } from './until-field';

interface ShowSectionProps {
  readonly deck: SharedDeck;
  /** `null` while it is off. */
  readonly show: ShareView | null;
  readonly onSet: (terms: ShareTerms) => void;
  readonly onEnd: () => void;
}

export function ShowSection({ deck, show, onSet, onEnd }: ShowSectionProps) {
  const says = messages.sharing;
  const onOff = (
    <>
      <Switch
        label={says.show}
        on={show !== null}
        state={show ? says.on : says.off}
        onChange={(on) => (on ? onSet({}) : onEnd())}
      />
      {show ? <p className="mt-2 text-sm text-soft">{looksOf(show)}</p> : null}
    </>
  );
  return (
    <Section icon={Globe} title={says.show} hint={says.showHint} switch={onOff}>
      {show ? (
        <>
          <AddressRow label={says.showAddress} address={show.address} />
          <div className="flex flex-wrap justify-between gap-x-2">
            <div className="min-w-72 flex-1">
              <EmbedRow deck={deck} address={show.address} />
              <ContentRow show={show} onSet={onSet} />
              <Row label={says.until}>
                <UntilField label={says.until} until={show.until} onChange={(until) => onSet({ until })} />
              </Row>
              <Row label={says.passcode}>
                <PasscodeField has={show.hasPasscode} onSet={(passcode) => onSet({ passcode })} />
              </Row>
              <label className="flex min-h-control items-center gap-2 sm:ms-[6.25rem]">
                <input
                  type="checkbox"
                  className="size-4.5 accent-dusk"
                  checked={show.listed}
                  onChange={({ target }) => onSet({ listed: target.checked })}
                />
                {says.listed}
              </label>
            </div>
            <QrCard title={deck.title} address={show.address} onAnother={() => onSet({ readdress: true })} />
          </div>
        </>
      ) : null}
    </Section>
  );
}

/** Following the deck, or as it was published. */
function ContentRow({ show, onSet }: { show: ShareView; onSet: (terms: ShareTerms) => void }) {
  const says = messages.sharing;
  const published = show.newest ? says.asNow : says.contents.published({ at: new Date(show.publishedAt) });
  return (
    <Row label={says.content}>
      <Select
        bare
        label={says.content}
        value={show.newest ? 'newest' : 'published'}
        options={[
          { value: 'newest', name: says.contents.newest },
          { value: 'published', name: published },
        ]}
        onChange={(value) => onSet({ newest: value === 'newest' })}
      />
      {show.newest ? null : <Button onClick={() => onSet({ anew: true })}>{says.publishAnew}</Button>}
    </Row>
  );
}

function EmbedRow({ deck, address }: { deck: SharedDeck; address: string }) {
  const says = messages.sharing;
  const [width, setWidth] = useState('960');
  const code = embedCode({
    site: window.location.origin,
    address,
    title: deck.title,
    slide: sizeOf(deck),
    width: Number(width),
  });
  return (
    <Row label={says.embed}>
      <Select
        bare
        label={says.embedWidth}
        value={width}
        options={EMBED_WIDTHS.map((each) => ({ value: String(each), name: says.pixels({ width: each }) }))}
        onChange={setWidth}
      />
      <Button onClick={() => void copyText(code)}>
        <Code size={18} aria-hidden /> {says.copyCode}
      </Button>
      <a
        href={`${otherOrigin(window.location)}/try-embedding/${address}`}
        target="_blank"
        rel="noopener"
        className={buttonClasses('quiet')}
      >
        <ExternalLink size={18} aria-hidden /> {says.tryEmbedding}
      </a>
    </Row>
  );
}

function QrCard({ title, address, onAnother }: { title: string; address: string; onAnother: () => void }) {
  const says = messages.sharing;
  const drawing = useQrCode(webAddress(address));
  const [asking, setAsking] = useState(false);
  return (
    <div className="flex flex-col items-center gap-1">
      {drawing ? (
        <img src={asPicture(drawing)} alt={says.qr} className="size-30 rounded-md border border-edge" />
      ) : (
        <span className="size-30" />
      )}
      <Button
        look="quiet"
        disabled={drawing === null}
        onClick={() => saveText(drawing ?? '', 'image/svg+xml', `${says.qrFile({ title })}.svg`)}
      >
        <Download size={18} aria-hidden /> {says.saveQr}
      </Button>
      <Button look="quiet" onClick={() => setAsking(true)}>
        {says.newAddress}
      </Button>
      {asking ? (
        <ConfirmDialog
          title={says.newAddressTitle}
          action={says.newAddress}
          onConfirm={() => {
            onAnother();
            setAsking(false);
          }}
          onClose={() => setAsking(false)}
        >
          {says.newAddressText}
        </ConfirmDialog>
      ) : null}
    </div>
  );
}

/** How often it was viewed: today, and in the four weeks that are counted. Days are the server's. */
function looksOf({ looks }: ShareView): string {
  const [last] = looks;
  const today = last && last.day === new Date().toISOString().slice(0, 10) ? last.count : 0;
  return messages.sharing.looks({ today, all: looks.reduce((sum, { count }) => sum + count, 0) });
}
