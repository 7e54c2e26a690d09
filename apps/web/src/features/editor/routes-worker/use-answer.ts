/** The answer of a worker to the question of the moment; the last answer stands until the next one is there. */
import { useEffect, useState } from 'react';

/**
 * @param key says when the question is another one
 * @param ask is asked anew with each key
 */
export function useAnswer<T>(key: string, ask: () => Promise<T>): T | null {
  const [answer, setAnswer] = useState<T | null>(null);
  useEffect(() => {
    // A worker is outside React; an answer that comes after the next question is let go.
    let isLate = false;
    void ask().then((result) => {
      if (!isLate) setAnswer(result);
    });
    return () => {
      isLate = true;
    };
    // The key stands for everything that is asked.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return answer;
}
