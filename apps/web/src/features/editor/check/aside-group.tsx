/** What was set aside in this deck, with why; taken up again from here. */
import type { RuleName } from '@gobrel/core/checks';
import { isOneOf, namesIn } from '@gobrel/core/deck';
import { messages, slideName } from '../../../shared/messages';
import { Button } from '../../../shared/ui';
import { FoldedGroup } from '../panel/parts';
import type { Editing } from '../state/editing';

export function AsideGroup({ editing: { deck, run } }: { editing: Editing }) {
  const says = messages.checks;
  const { aside } = deck.check;
  if (aside.length === 0) return null;
  return (
    <FoldedGroup id="check-aside" title={says.ignored({ count: aside.length })}>
      <ul className="flex flex-col gap-2">
        {aside.map((each, at) => (
          <li key={`${each.rule} ${each.slideId ?? ''} ${each.itemId ?? ''} ${String(at)}`}>
            <strong className="block text-sm">{titleOf(each.rule)}</strong>
            <span className="block text-sm text-soft">
              {each.slideId === null || !deck.slides[each.slideId] ? says.everywhere : slideName(deck, each.slideId)}
              {' · '}
              {each.reason || says.noReason}
            </span>
            <Button
              look="quiet"
              className="!min-h-8 !px-2 text-sm"
              onClick={() =>
                run([
                  {
                    type: 'set-deck',
                    fields: { check: { ...deck.check, aside: aside.filter((_, index) => index !== at) } },
                  },
                ])
              }
            >
              {says.again}
            </Button>
          </li>
        ))}
      </ul>
    </FoldedGroup>
  );
}

/** What a rule is called; its own name for one that is known no more. */
function titleOf(rule: string): string {
  const { titles } = messages.checks;
  const known: readonly RuleName[] = namesIn(titles);
  return isOneOf(rule, known) ? titles[rule] : rule;
}
