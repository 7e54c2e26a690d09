/** Begins and ends that others follow a show, with the QR code by which they come. */
import { DAYS_AFTER_FOLLOWING } from '@gobrel/contract';
import { Copy } from 'lucide-react';
import { useState } from 'react';
import { messages } from '../../../shared/messages';
import { Button, copyText, Dialog, DialogActions, Select } from '../../../shared/ui';
import { webAddress } from '../share-dialog/address-row';
import { FollowCode } from './follow-code';
import type { Following } from './use-following';

interface FollowDialogProps {
  readonly following: Following;
  /** Whether the QR code is on the slide. */
  readonly isOnSlide: boolean;
  readonly onSlide: (isOn: boolean) => void;
  readonly onClose: () => void;
}

export function FollowDialog({ following, isOnSlide, onSlide, onClose }: FollowDialogProps) {
  const says = messages.following;
  const { address, joined, isStarting, start, end } = following;
  const [afterwards, setAfterwards] = useState<'nothing' | 'look'>('nothing');
  if (address === null)
    return (
      <Dialog title={says.title} open onClose={onClose}>
        <p className="mb-4">{says.text}</p>
        <Select
          stacked
          label={says.afterwards}
          value={afterwards}
          options={[
            { value: 'nothing', name: says.afterwardsWhat.nothing },
            { value: 'look', name: says.afterwardsWhat.look({ days: DAYS_AFTER_FOLLOWING }) },
          ]}
          onChange={setAfterwards}
        />
        <DialogActions>
          <Button look="main" disabled={isStarting} onClick={() => start(afterwards === 'look')}>
            {says.start}
          </Button>
        </DialogActions>
      </Dialog>
    );
  const url = webAddress(address);
  return (
    <Dialog title={says.title} open onClose={onClose}>
      <div className="flex flex-col items-center gap-3">
        <FollowCode address={address} className="size-72 max-w-full" />
        <p className="flex flex-wrap items-center justify-center gap-2">
          <span className="break-all">{url}</span>
          <Button look="quiet" onClick={() => void copyText(url)}>
            <Copy size={18} aria-hidden /> {messages.sharing.copyLink}
          </Button>
        </p>
        <p role="status" className="font-semibold">
          {says.joined({ count: joined })}
        </p>
      </div>
      <DialogActions>
        <Button look="danger" onClick={end}>
          {says.end}
        </Button>
        <Button
          look="main"
          onClick={() => {
            onSlide(!isOnSlide);
            onClose();
          }}
        >
          {isOnSlide ? says.offSlide : says.onSlide}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
