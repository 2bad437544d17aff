import { RoomLinks } from '../../ui/RoomLinks';

const ROOMS = [
  { to: '/shelf', words: 'On the shelf' },
  { to: '/shelf/buy', words: 'To buy' },
  { to: '/shelf/count', words: 'Count' },
  { to: '/shelf/moves', words: 'Came and went' },
];

/** The rooms of the shelf. */
export function ShelfLinks() {
  return <RoomLinks label="Rooms of the shelf" rooms={ROOMS} />;
}
