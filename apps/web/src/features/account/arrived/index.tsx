/** Whoever comes back from a sign-in elsewhere and is signed in: what was left here is put away, and on they go. */
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { wordsOfCode } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { forgetWhatIsSaved } from '../../../shared/sync';
import { DeadEnd, Loading, usePageTitle } from '../../../shared/ui';
import { pathWithin } from '../path-within';

export function Screen() {
  const { who } = useParams();
  return who === 'nowhere' ? <Nowhere /> : <GoingOn isStudent={who === 'student'} />;
}

/** Whoever could not be taken in is told why. */
function Nowhere() {
  const [search] = useSearchParams();
  const text = wordsOfCode(search.get('trouble')) ?? messages.common.somethingWrong;
  return <DeadEnd title={messages.platforms.nowhere} text={text} />;
}

function GoingOn({ isStudent }: { readonly isStudent: boolean }) {
  usePageTitle(messages.signIn.title);
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const to = isStudent ? '/work' : pathWithin(search.get('then'));
  useEffect(() => {
    const goOn = async () => {
      await forgetWhatIsSaved(isStudent ? 'student' : 'teacher');
      queries.clear();
      await navigate(to, { replace: true });
    };
    void goOn();
  }, [isStudent, navigate, queries, to]);
  return <Loading what={isStudent ? messages.join.lesson : messages.signIn.arriving} />;
}
