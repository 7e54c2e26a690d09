/** Looking at what an address shows: loading it, its passcode, why there is nothing, and the show itself. */
import type { ShownDeck } from '@gobrel/contract';
import { readStop, type Stop } from '@gobrel/core/show';
import { SurroundingsProvider, useSurroundings } from '@gobrel/slide-view';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import { messageOf } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { DeadEnd, Failing, Loading } from '../../../shared/ui';
import { FollowWindow } from './follow-window';
import { PasscodeForm } from './passcode-form';
import { ShowWindow } from './show-window';
import { useShown } from './use-shown';

export function LookAtShow({ isEmbedded }: { isEmbedded: boolean }) {
  const { address = '' } = useParams();
  return <Looking key={address} address={address} isEmbedded={isEmbedded} />;
}

function Looking({ address, isEmbedded }: { address: string; isEmbedded: boolean }) {
  const { shown, steps, isAway, problem, trouble, retry, pass, setPass } = useShown(address);
  const surroundings = useShowSurroundings(address, pass);
  const code = problem?.problem.code;
  if (code === 'passcode-needed') return <PasscodeForm address={address} onPass={setPass} />;
  if (problem)
    return (
      <DeadEnd title={messages.shown.goneTitle} text={messageOf(problem)} onRetry={retry}>
        {isEmbedded ? null : (
          <a href="/" className="inline-flex min-h-control items-center px-3 font-semibold underline">
            {messages.shown.home}
          </a>
        )}
      </DeadEnd>
    );
  if (trouble) return <Failing message={messageOf(trouble)} onRetry={retry} />;
  if (!shown) return <Loading what={messages.shown.what} />;
  const walk = followed(shown, steps);
  return (
    <SurroundingsProvider value={surroundings}>
      {walk ? (
        <FollowWindow deck={shown.deck} walk={walk} isAway={isAway} />
      ) : (
        <ShowWindow address={address} pass={pass} shown={shown} isEmbedded={isEmbedded} />
      )}
    </SurroundingsProvider>
  );
}

/** Where a show was that is followed; `null` for what everybody walks through by themselves. */
function followed({ deck, walk }: ShownDeck, steps: readonly unknown[]): readonly [Stop, ...Stop[]] | null {
  const [first, ...rest] = [...(walk ?? []), ...steps.flatMap((stop) => readStop(deck, stop) ?? [])];
  return walk === null || first === undefined ? null : [first, ...rest];
}

/** Pictures and files come by the show's address, as whoever looks is not signed in. */
function useShowSurroundings(address: string, pass: string) {
  const usual = useSurroundings();
  return useMemo(() => {
    const place = `/api/shows/${address}`;
    const query = pass === '' ? '' : `?pass=${pass}`;
    return {
      ...usual,
      pictureUrl: (id: string) => `${place}/pictures/${id}${query}`,
      stillUrl: (id: string) => `${place}/pictures/${id}/still${query}`,
      fileUrl: (id: string) => `${place}/files/${id}${query}`,
    };
  }, [usual, address, pass]);
}
