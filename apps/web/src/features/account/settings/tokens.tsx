/** Tokens by which a teacher's own scripts use the HTTP API: made, said once, and taken back. */
import type { MadeToken, TokenView } from '@gobrel/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, messageOf, tokensQuery } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, Failing, showToast } from '../../../shared/ui';
import { TokenDialog } from './token-dialog';

export function Tokens() {
  const says = messages.tokens;
  const queries = useQueryClient();
  const tokens = useQuery(tokensQuery);
  const [isMaking, setIsMaking] = useState(false);
  const end = useMutation({
    mutationFn: ({ id }: TokenView) => ask<TokenView[]>('DELETE', `/accounts/tokens/${id}`),
    onSuccess: (left) => queries.setQueryData(tokensQuery.queryKey, left),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  return (
    <section aria-labelledby="tokens" className="rounded-md border border-edge bg-card p-5">
      <h2 id="tokens" className="text-xl">
        {says.title}
      </h2>
      <p className="text-sm text-soft">
        {says.hint}{' '}
        <a href="/api/docs" className="underline" target="_blank" rel="noreferrer">
          {says.docs}
        </a>
      </p>
      {tokens.isError ? <Failing message={messageOf(tokens.error)} onRetry={() => void tokens.refetch()} /> : null}
      {tokens.data?.length ? (
        <ul className="mt-2 divide-y divide-rule">
          {tokens.data.map((token) => (
            <li key={token.id} className="flex min-h-12 items-center gap-2 py-1">
              <span className="min-w-0 flex-1">
                <span className="block truncate font-semibold">{token.name}</span>
                <span className="block text-sm text-soft">
                  {token.scopes.map((scope) => says.scopes[scope]).join(', ')}
                </span>
                <span className="block text-sm text-soft">
                  {says.until({ at: new Date(token.expiresAt) })}
                  {' · '}
                  {token.lastUsedAt === null ? says.unused : says.used({ at: new Date(token.lastUsedAt) })}
                </span>
              </span>
              <Button
                look="quiet"
                className="text-berry"
                aria-label={says.deleteName(token)}
                disabled={end.isPending}
                onClick={() => end.mutate(token)}
              >
                {says.delete}
              </Button>
            </li>
          ))}
        </ul>
      ) : null}
      <Button className="mt-3" onClick={() => setIsMaking(true)}>
        {says.make}
      </Button>
      {isMaking ? (
        <TokenDialog
          onMade={({ tokens: all }: MadeToken) => queries.setQueryData(tokensQuery.queryKey, all)}
          onClose={() => setIsMaking(false)}
        />
      ) : null}
    </section>
  );
}
