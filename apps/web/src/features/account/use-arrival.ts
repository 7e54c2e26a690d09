/** Being signed in: what is kept of whoever was here before goes, and one goes on to where one wanted to go. */
import { useQueryClient } from '@tanstack/react-query';
import { useNavigate, useSearchParams } from 'react-router';
import { forgetWhatIsSaved } from '../../shared/sync';
import { pathWithin } from './path-within';

/** Goes on to where somebody wanted to go before they had to sign in. */
export function useArrival() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const then = pathWithin(search.get('then'));
  return async () => {
    // What somebody else left here without signing out is not for whoever signs in now.
    await forgetWhatIsSaved('teacher');
    await queries.resetQueries();
    await navigate(then, { replace: true });
  };
}
