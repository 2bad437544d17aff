import { NavLink } from 'react-router';

const ROOMS = [
  { to: '/book', words: 'Days and clients' },
  { to: '/book/people', words: 'People' },
  { to: '/book/learned', words: 'Learned' },
];

/** The rooms of the book. */
export function BookLinks() {
  return (
    <nav aria-label="Rooms of the book" className="flex gap-1">
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
