export { BookPage } from './BookPage';
export { clientsQuery, tilesQuery } from './book.queries';
