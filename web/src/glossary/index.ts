export { entryOf } from './find';
export { Glossed, WordsOf } from './Term';
export { WordsPage } from './WordsPage';
