export { BookPage } from './BookPage';
export { clientsQuery } from './book.queries';
