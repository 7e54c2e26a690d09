/** How a deck is shared at this moment, in one sentence. */
import type { AudiencesView, AuthorView, SharesView } from '@gobrel/contract';
import { listed, messages } from '../../../shared/messages';

/** @param people all who have the deck, its owner among them */
export function nowShared(
  people: readonly AuthorView[],
  { link, show }: SharesView,
  { teams, offer }: AudiencesView,
  now = new Date(),
): string {
  const says = messages.sharing;
  const others = people.filter(({ isOwner }) => !isOwner);
  const came = others.filter(({ name }) => name !== '');
  const editing = came.filter(({ may }) => may === 'edit').length;
  const viewing = came.length - editing;
  const invited = others.length - came.length;
  const what = [
    editing > 0 ? says.nowEdit({ count: editing }) : '',
    viewing > 0 ? says.nowView({ count: viewing }) : '',
    invited > 0 ? says.nowInvited({ count: invited }) : '',
    teams.length > 0 ? says.nowTeams({ count: teams.length }) : '',
    offer ? says.nowSchool({ may: offer.may }) : '',
    link && isOpen(link.until, now) ? ofLink(link.may, link.until) : '',
    show && isOpen(show.until, now) ? ofShow(show.hasPasscode, show.until) : '',
  ].filter((part) => part !== '');
  return what.length === 0 ? says.nowPrivate : says.now({ what: listed(what) });
}

/** Whether a deck is shared with a team or the school. */
export function isWithMany({ teams, offer }: AudiencesView): boolean {
  return teams.length > 0 || offer !== null;
}

function isOpen(until: string | null, now: Date): boolean {
  return until === null || new Date(until) > now;
}

function ofLink(may: string, until: string | null): string {
  const says = messages.sharing;
  return until === null ? says.nowLink({ may }) : says.nowLinkUntil({ may, until: new Date(until) });
}

function ofShow(hasPasscode: boolean, until: string | null): string {
  const says = messages.sharing;
  return until === null
    ? says.nowShow({ locked: hasPasscode })
    : says.nowShowUntil({ locked: hasPasscode, until: new Date(until) });
}
