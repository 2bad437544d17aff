export { BookPage } from './BookPage';
export { clientsQuery } from './book.queries';
export { ClientPage } from './client/ClientPage';
export { LearnedPage } from './learned/LearnedPage';
export { PeoplePage } from './people/PeoplePage';
