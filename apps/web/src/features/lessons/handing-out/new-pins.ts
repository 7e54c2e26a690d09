/** New PINs of a class, kept in this tab until it is closed: the server tells them once, and cards may be printed again. */
import type { NewPins } from '@gobrel/contract';
import { useMutation } from '@tanstack/react-query';
import { ask } from '../../../shared/api';

const keyOf = (classId: string) => `gobrel pins ${classId}`;

/** The PINs that were made in this tab; `null` when none were. */
export function madePins(classId: string): NewPins | null {
  const kept = sessionStorage.getItem(keyOf(classId));
  const pins: NewPins | null = kept === null ? null : JSON.parse(kept);
  return pins;
}

/** Makes new PINs for everybody of a class. Only for somebody who has said yes to it. */
export function useNewPins(classId: string) {
  return useMutation({
    mutationFn: () => ask<NewPins>('POST', `/classes/${classId}/pins`),
    onSuccess: (pins) => sessionStorage.setItem(keyOf(classId), JSON.stringify(pins)),
  });
}
