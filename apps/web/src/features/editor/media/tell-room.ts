/** Says how much of what a teacher may store is taken, before it is full. */
import type { RoomView } from '@gobrel/contract';
import { ask } from '../../../shared/api';
import { fileSize, messages } from '../../../shared/messages';
import { showToast } from '../../../shared/ui';

/** From this part on it is said. */
const NEARLY = 0.8;

/** Whether so much is taken that somebody has to know. */
export function isNearlyFull({ used, most }: Pick<RoomView, 'used' | 'most'>): boolean {
  return used >= most * NEARLY;
}

/** Looks how much is taken, and says so where it is nearly all; nothing where the server is not reached. */
export async function tellRoom(): Promise<void> {
  const room = await ask<RoomView>('GET', '/uploads/room').catch(() => null);
  if (room && isNearlyFull(room))
    showToast(messages.media.roomShort({ used: fileSize(room.used), most: fileSize(room.most) }), { tone: 'trouble' });
}
