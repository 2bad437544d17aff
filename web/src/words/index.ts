export { useWords, wordOf, WordsContext } from './useWords';
export { WordsGate } from './WordsGate';
