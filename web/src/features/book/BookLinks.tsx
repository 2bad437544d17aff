import { RoomLinks } from '../../ui/RoomLinks';

const ROOMS = [
  { to: '/book', words: 'Days and clients' },
  { to: '/book/people', words: 'People' },
  { to: '/book/learned', words: 'Learned' },
  { to: '/book/messages', words: 'Messages' },
  { to: '/book/files', words: 'In and out' },
  { to: '/book/outside', words: 'Outside' },
];

/** The rooms of the book. */
export function BookLinks() {
  return <RoomLinks label="Rooms of the book" rooms={ROOMS} />;
}
