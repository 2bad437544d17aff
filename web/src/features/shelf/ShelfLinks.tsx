import { NavLink } from 'react-router';

const ROOMS = [
  { to: '/shelf', words: 'On the shelf' },
  { to: '/shelf/buy', words: 'To buy' },
  { to: '/shelf/count', words: 'Count' },
  { to: '/shelf/moves', words: 'Came and went' },
];

/** The rooms of the shelf. */
export function ShelfLinks() {
  return (
    <nav aria-label="Rooms of the shelf" className="flex flex-wrap gap-1">
      {ROOMS.map((r) => (
        <NavLink
          key={r.to}
          to={r.to}
          end
          className="rounded-md border border-transparent px-3 py-1.5 hover:bg-well aria-[current=page]:border-edge aria-[current=page]:bg-sheet aria-[current=page]:font-semibold"
        >
          {r.words}
        </NavLink>
      ))}
    </nav>
  );
}
