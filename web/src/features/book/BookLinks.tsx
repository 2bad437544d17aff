import { RoomLinks } from '../../ui/RoomLinks';

const ROOMS = [
  { to: '/book', words: 'Days and clients' },
  { to: '/book/people', words: 'People' },
  { to: '/book/learned', words: 'Learned' },
  { to: '/book/files', words: 'In and out' },
];

/** The rooms of the book. */
export function BookLinks() {
  return <RoomLinks label="Rooms of the book" rooms={ROOMS} />;
}
