/** The ways of the map that somebody is at: the selected one, and the one that is pointed at; by their keys. */
import { create } from 'zustand';

interface WaysInHand {
  readonly selected: string | null;
  /** Its words are shown whole. */
  readonly pointed: string | null;
}

export const useWaysInHand = create<WaysInHand>(() => ({ selected: null, pointed: null }));

/** Selects a way, or none. */
export function selectWay(selected: string | null): void {
  useWaysInHand.setState({ selected });
}

/** Points at a way, or at none. */
export function pointAtWay(pointed: string | null): void {
  useWaysInHand.setState({ pointed });
}
