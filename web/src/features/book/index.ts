export { BookPage } from './BookPage';
export { clientsQuery } from './book.queries';
export { ClientPage } from './client/ClientPage';
export { FilesPage } from './files/FilesPage';
export { LearnedPage } from './learned/LearnedPage';
export { PeoplePage } from './people/PeoplePage';
export { MessagesPage } from './messages/MessagesPage';
export { OutsidePage } from './outside/OutsidePage';
