/** Pages in the place of a show: its deck cannot be opened, or has no slides. */
import { Link } from 'react-router';
import { buttonClasses, DeadEnd } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

export function DeckNotOpen() {
  const says = messages.elsewhere;
  return (
    <DeadEnd title={says.deckTitle} text={messages.links.deckNotOpen}>
      <Link to="/" className={buttonClasses('main')}>
        {says.home}
      </Link>
    </DeadEnd>
  );
}

export function NoSlides({ deckId }: { deckId: string }) {
  const says = messages.elsewhere;
  return (
    <DeadEnd title={says.noSlidesTitle} text={messages.walking.noSlides}>
      <Link to={`/decks/${deckId}`} className={buttonClasses('main')}>
        {says.toDeck}
      </Link>
    </DeadEnd>
  );
}
