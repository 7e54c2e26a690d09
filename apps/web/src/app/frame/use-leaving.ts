/** Leaving a device: signs out, and leaves nothing of what was seen or typed on it. Asks first when something would be lost. */
import { useState } from 'react';
import { ANSWERS_CACHE, forgetPictures } from '../offline/offline-caches';
import type { Speaker } from '@gobrel/core/shared-doc';
import { forgetDevice, unsavedFor } from '../../shared/sync';
import { ask, messageOf } from '../../shared/api';
import { showToast } from '../../shared/ui';

/** How leaving stands: `null`, or how many documents hold changes that only this device has. */
interface Leaving {
  readonly asked: number | null;
  /** Leaves, unless something would be lost: then it asks. */
  readonly leave: () => Promise<void>;
  readonly leaveAnyway: () => Promise<void>;
  readonly stay: () => void;
}

const sessions = { teacher: '/session', student: '/session/student' } as const;

/**
 * @param onLeft what comes once nothing is left; the session is over then
 */
export function useLeaving(speaker: Speaker, onLeft: () => void): Leaving {
  const [asked, setAsked] = useState<number | null>(null);
  const leaveAnyway = async () => {
    setAsked(null);
    try {
      await ask('DELETE', sessions[speaker]);
    } catch (error) {
      // Only the server can end a session: without it, the next one here would go on as them.
      showToast(messageOf(error), { tone: 'trouble' });
      return;
    }
    await Promise.all([forgetDevice(speaker), forgetPictures()]);
    if ('caches' in window) await caches.delete(ANSWERS_CACHE);
    onLeft();
  };
  return {
    asked,
    leaveAnyway,
    leave: async () => {
      const unsaved = unsavedFor(speaker).length;
      if (unsaved > 0) setAsked(unsaved);
      else await leaveAnyway();
    },
    stay: () => setAsked(null),
  };
}
