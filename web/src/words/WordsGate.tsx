import { useQuery } from '@tanstack/react-query';
import { useMemo, type ReactNode } from 'react';
import { speltThroughout } from '../lib/english';
import { usePrefs } from '../ui/prefs';
import { Button } from '../ui/Button';
import { WordsContext, wordsQuery } from './useWords';

/** Shows what stands within once it is known what everything is called. */
export function WordsGate({ children }: { children: ReactNode }) {
  const words = useQuery(wordsQuery());
  const english = usePrefs((p) => p.english);
  const spoken = useMemo(
    () => words.data && speltThroughout(words.data, english),
    [words.data, english],
  );
  if (spoken) return <WordsContext value={spoken}>{children}</WordsContext>;
  return (
    <main className="grid h-full place-items-center p-8">
      <div className="max-w-md text-center" role="status">
        <p className="mb-4 text-lg">
          {words.isError ? words.error.message : 'Setting out the tools…'}
        </p>
        {words.isError && (
          <Button look="main" onClick={() => void words.refetch()}>
            Try again
          </Button>
        )}
      </div>
    </main>
  );
}
