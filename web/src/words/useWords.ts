import { queryOptions } from '@tanstack/react-query';
import { createContext, useContext } from 'react';
import { api } from '../api/client';
import type { Words } from '../api/types';

/** Asked once: it changes only with the server. */
export const wordsQuery = () =>
  queryOptions({ queryKey: ['words'], queryFn: api.words, staleTime: Infinity, gcTime: Infinity });

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
