/** A walk through a deck: takes steps by the show's rules and says why one leads nowhere. */
import type { Deck, Destination, InDeck, ItemId, SlideId, ToFile } from '@gobrel/core/deck';
import { shownSlide, type ShowState, type ShowStep, shownStop, type Stop, takeStep } from '@gobrel/core/show';
import type { Work } from '@gobrel/core/work';
import { useSurroundings } from '@gobrel/slide-view';
import { useState } from 'react';
import { saveBlob } from '../../shared/downloads';
import { gateMissing, messages } from '../../shared/messages';

/** Tells whether questions are answered right. */
export interface Judge {
  /** `null` where the key is elsewhere. */
  readonly isRight: (itemId: ItemId) => boolean | null;
  /** Asks where the key is; `null` when nobody can be asked just now. */
  readonly ask: (itemId: ItemId) => Promise<boolean | null>;
}

/** Slides that come to this device once they can be come to. */
export interface Ahead {
  readonly isHere: (slideId: SlideId) => boolean;
  /** Has a slide brought; gives the deck with it, `null` when it does not come just now. */
  readonly bring: (slideId: SlideId) => Promise<Deck | null>;
}

interface Walker {
  readonly deck: Deck;
  /** Where the walk stands. */
  readonly state: ShowState;
  readonly work: Work;
  readonly judge: Judge;
  /** Whether no gate holds them, as whoever leads. */
  readonly isFree?: boolean;
  /** Whether a slide may be walked to; every one where it is not given. */
  readonly mayEnter?: (slideId: SlideId) => boolean;
  /** Slides that are not on this device yet; every one is where it is not given. */
  readonly ahead?: Ahead;
  /** Called with the state after a step. */
  readonly onMove: (state: ShowState) => void;
  /** Goes to another deck; where there is no way to one, links there say so. */
  readonly onDeck?: ((place: InDeck) => void) | undefined;
}

/** A walk and the steps that can be taken. */
export interface Walk {
  readonly at: SlideId;
  readonly stop: Stop;
  readonly canGoBack: boolean;
  /** Why the last step led nowhere, in words; `null` when it led somewhere. */
  readonly notice: string | null;
  /** The sound that a link plays. */
  readonly sound: ToFile | null;
  readonly endSound: (failed: boolean) => void;
  readonly step: (step: ShowStep) => void;
  readonly follow: (destination: Destination) => void;
}

export function useWalk(walker: Walker): Walk {
  const { deck, state, work, judge, isFree = false, mayEnter, ahead, onMove, onDeck } = walker;
  const { fileUrl } = useSurroundings();
  const [notice, setNotice] = useState<string | null>(null);
  const [sound, setSound] = useState<ToFile | null>(null);
  const take = (wanted: ShowStep, told: Readonly<Record<ItemId, boolean>> = {}, brought: Deck | null = null): void => {
    const isRight = (itemId: ItemId) => told[itemId] ?? judge.isRight(itemId);
    const result = takeStep(brought ?? deck, state, wanted, { work, isRight, isFree });
    switch (result.type) {
      case 'moved': {
        const to = shownSlide(result.state);
        if (mayEnter && !mayEnter(to)) return setNotice(messages.walking.notOpened);
        if (ahead && !brought && !ahead.isHere(to)) {
          setNotice(messages.walking.bringing);
          return void ahead.bring(to).then((more) => {
            if (more) take(wanted, told, more);
            else setNotice(messages.walking.notBrought);
          });
        }
        setNotice(null);
        return onMove(result.state);
      }
      case 'ended':
        return setNotice(messages.walking.ended);
      case 'refused':
        return setNotice(messages.walking[result.why]);
      case 'shut':
        return setNotice(gateMissing(deck, result.missing.gate, result.missing.more));
      case 'open-web':
        setNotice(null);
        // Apart from the show, and without a way for the other page to reach back.
        return void window.open(result.address, '_blank', 'noopener,noreferrer');
      case 'open-deck':
        if (onDeck) onDeck(result.place);
        else
          setNotice(
            result.place.title
              ? messages.walking.otherDeckNamed({ title: result.place.title })
              : messages.walking.otherDeck,
          );
        return;
      case 'open-file':
        setNotice(null);
        return result.file.plays
          ? setSound(result.file)
          : void save(fileUrl(result.file.file), result.file.name, setNotice);
      case 'check':
        setNotice(messages.walking.checking);
        return void judge.ask(result.itemId).then((right) => {
          if (right === null) setNotice(messages.walking.cannotCheck);
          else take(wanted, { ...told, [result.itemId]: right });
        });
    }
  };
  const endSound = (failed: boolean) => {
    setSound(null);
    if (failed) setNotice(messages.walking.fileGone);
  };
  const stop = shownStop(state);
  return {
    at: stop.slideId,
    stop,
    canGoBack: state.walk.length > 1,
    notice,
    sound,
    endSound,
    step: take,
    follow: (destination) => take({ type: 'follow', destination }),
  };
}

/** Saves a file on the device under its name. */
async function save(address: string, name: string, onTrouble: (words: string) => void): Promise<void> {
  const response = await fetch(address).catch(() => null);
  if (!response?.ok) return onTrouble(response ? messages.walking.fileGone : messages.problems.offline);
  saveBlob(await response.blob(), name);
}
