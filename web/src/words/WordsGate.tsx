import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Button } from '../ui/Button';
import { WordsContext, wordsQuery } from './useWords';

/** Shows what stands within once it is known what everything is called. */
export function WordsGate({ children }: { children: ReactNode }) {
  const words = useQuery(wordsQuery());
  if (words.data) return <WordsContext value={words.data}>{children}</WordsContext>;
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
