import { NavLink } from 'react-router';

export interface Room {
  to: string;
  words: string;
}

/** The rooms of one part of the product, side by side; the one that is open stands out. */
export function RoomLinks({ label, rooms }: { label: string; rooms: readonly Room[] }) {
  return (
    <nav aria-label={label} className="flex flex-wrap gap-1">
      {rooms.map((r) => (
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
