export { Glossed } from './Term';
export { WordsPage } from './WordsPage';
