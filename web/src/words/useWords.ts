import { queryOptions } from '@tanstack/react-query';
import { createContext, useContext } from 'react';
import { api } from '../api/client';
import { Problem } from '../api/problems';
import type { Words } from '../api/types';

const PREFIX = 'gyrotaxis-words';

/** Words are kept by the form of the answers they came in: with another version of it they would not fit. */
const KEPT = `${PREFIX}-${import.meta.env.VITE_API_FORM}`;

/** What everything was called when the server was last there: to begin with at once, and for work that goes on without it. */
function keptWords(): Words | undefined {
  try {
    const kept = localStorage.getItem(KEPT);
    return kept ? (JSON.parse(kept) as Words) : undefined;
  } catch {
    return undefined;
  }
}

function keepWords(words: Words) {
  try {
    Object.keys(localStorage)
      .filter((key) => key.startsWith(PREFIX) && key !== KEPT)
      .forEach((key) => localStorage.removeItem(key));
    localStorage.setItem(KEPT, JSON.stringify(words));
  } catch {
    // A full or forbidden store only means that the page cannot be opened without a server.
  }
}

/** Begins with what is kept and asks once: it changes only with the server. */
export const wordsQuery = () =>
  queryOptions({
    queryKey: ['words'],
    queryFn: async () => {
      try {
        const words = await api.words();
        keepWords(words);
        return words;
      } catch (thrown) {
        const kept = thrown instanceof Problem && thrown.isAway ? keptWords() : undefined;
        if (kept) return kept;
        throw thrown;
      }
    },
    initialData: keptWords,
    initialDataUpdatedAt: 0,
    staleTime: (query) => (query.state.dataUpdatedAt > 0 ? Infinity : 0),
    gcTime: Infinity,
  });

export const WordsContext = createContext<Words | null>(null);

/** Words, order, limits and defaults of every choice there is. */
export function useWords(): Words {
  const words = useContext(WordsContext);
  if (!words) throw new Error('useWords needs a <WordsGate> above it');
  return words;
}

/** What one choice is called. */
export const wordOf = <T>(choices: { value: T; words: string }[], value: T): string =>
  choices.find((c) => c.value === value)?.words ?? String(value);
