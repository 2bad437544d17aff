import { Moon, Sun } from 'lucide-react';
import { useEffect } from 'react';
import { NavLink, Outlet } from 'react-router';
import type { LengthUnit } from '../lib/length';
import { usePrefs } from '../ui/prefs';
import { Switch } from '../ui/Switch';

const PLACES = ['book', 'bench', 'chair', 'shelf', 'practice'] as const;

const UNITS: { value: LengthUnit; words: string }[] = [
  { value: 'cm', words: 'cm' },
  { value: 'in', words: 'inches' },
  { value: 'fingers', words: 'fingers' },
];

/** The five places, and what holds everywhere: units and light. */
export function Frame() {
  const { unit, fingerMm, theme, set } = usePrefs();
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  const isDark = theme === 'dark';
  return (
    <div className="flex h-dvh min-h-0 flex-col">
      <header className="flex h-12 shrink-0 items-center gap-1 border-b border-edge bg-well px-4">
        <Mark />
        <nav aria-label="Places" className="flex h-full items-stretch">
          {PLACES.map((place) => (
            <NavLink
              key={place}
              to={`/${place}`}
              className="flex items-center border-b-4 border-transparent px-4 pt-1 text-lg capitalize hover:bg-sheet aria-[current=page]:border-thread aria-[current=page]:font-semibold"
            >
              {place}
            </NavLink>
          ))}
        </nav>
        <span className="grow" />
        {unit === 'fingers' && (
          <label className="mr-2 flex items-center gap-1.5 text-sm text-soft">
            my finger
            <input
              type="number"
              min={10}
              max={30}
              step={0.5}
              value={fingerMm}
              onChange={(e) => {
                const mm = Number(e.target.value);
                if (mm >= 10 && mm <= 30) set({ fingerMm: mm });
              }}
              className="w-16 rounded-md border border-edge bg-sheet px-1 py-0.5 text-ink"
            />
            mm
          </label>
        )}
        <Switch
          label="Lengths in"
          value={unit}
          options={UNITS}
          onChoose={(u) => set({ unit: u })}
        />
        <button
          type="button"
          aria-label={isDark ? 'Day light' : 'Low glare'}
          onClick={() => set({ theme: isDark ? 'light' : 'dark' })}
          className="ml-2 grid size-8 place-items-center rounded-md border border-edge hover:bg-sheet"
        >
          {isDark ? <Sun size={17} /> : <Moon size={17} />}
        </button>
      </header>
      <Outlet />
    </div>
  );
}

function Mark() {
  return (
    <NavLink to="/book" className="mr-4 flex items-center gap-2" aria-label="Gyrotaxis">
      <svg viewBox="4 3 24 26" className="h-7" aria-hidden="true">
        <g fill="none" strokeLinecap="round" strokeLinejoin="round" strokeWidth={3.4}>
          <path d="M9 6l7 5 7-5M9 13l7 5 7-5" stroke="var(--ink)" />
          <path d="M9 20l7 5 7-5" stroke="var(--thread)" />
        </g>
      </svg>
      <span className="text-lg font-semibold tracking-tight">Gyrotaxis</span>
    </NavLink>
  );
}
