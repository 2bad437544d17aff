import { Languages, Moon, Ruler, Sun } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useEffect } from 'react';
import { Navigate, NavLink, Outlet, useLocation } from 'react-router';
import type { LengthUnit } from '../lib/length';
import { useOutbox } from '../features/chair';
import { Me, useMay } from '../features/door';
import { FingerField } from '../ui/FingerField';
import { usePrefs } from '../ui/prefs';
import { FindField } from './FindField';
import { Switch } from '../ui/Switch';

const PLACES = ['book', 'bench', 'chair', 'shelf', 'practice'] as const;

/** What somebody has who learns. */
const LEARNERS = ['practice'] as const;
const LEARNERS_PAGES = /^\/(practice(\/|$)|door$)/;

const ENGLISH = [
  { value: 'GB', words: 'fringe, fibre' },
  { value: 'US', words: 'bangs, fiber' },
] as const;

const UNITS: { value: LengthUnit; words: string }[] = [
  { value: 'cm', words: 'cm' },
  { value: 'in', words: 'inches' },
  { value: 'fingers', words: 'fingers' },
];

/** The five places, and what holds everywhere: units and light; both behind one key where there is little room. */
export function Frame() {
  const theme = usePrefs((p) => p.theme);
  const isStylist = useMay('STYLIST');
  const { pathname } = useLocation();
  useOutbox();
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  return (
    <div className="flex h-dvh min-h-0 flex-col">
      <header className="print:hidden flex h-12 shrink-0 items-center gap-1 border-b border-edge bg-well px-1 sm:px-4 [@media(height<540px)]:h-11">
        <Mark />
        <nav aria-label="Places" className="flex h-full min-w-0 items-stretch">
          {(isStylist ? PLACES : LEARNERS).map((place) => (
            <NavLink
              key={place}
              to={`/${place}`}
              className="flex items-center border-b-4 border-transparent px-2 pt-1 capitalize hover:bg-sheet aria-[current=page]:border-thread aria-[current=page]:font-semibold sm:px-3 sm:text-lg lg:px-4"
            >
              {place}
            </NavLink>
          ))}
        </nav>
        <span className="grow" />
        {isStylist && <FindField />}
        <div className="ml-2 hidden items-center lg:flex">
          <Units />
          <Light />
        </div>
        <Popover.Root>
          <Popover.Trigger
            aria-label="Lengths, light and words"
            className="grid size-11 shrink-0 place-items-center rounded-md hover:bg-sheet lg:size-9"
          >
            <Ruler size={18} aria-hidden className="lg:hidden" />
            <Languages size={17} aria-hidden className="hidden lg:block" />
          </Popover.Trigger>
          <Popover.Portal>
            <Popover.Content
              sideOffset={4}
              collisionPadding={8}
              aria-label="Lengths, light and words"
              className="z-30 flex flex-wrap items-center gap-2 rounded-lg border border-edge bg-sheet p-3 shadow-xl"
            >
              <div className="flex flex-wrap items-center gap-2 lg:hidden">
                <Units />
                <Light />
              </div>
              <Words />
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
        <Me />
      </header>
      {isStylist || LEARNERS_PAGES.test(pathname) ? (
        <Outlet />
      ) : (
        <Navigate to="/practice" replace />
      )}
    </div>
  );
}

function Units() {
  const { unit, set } = usePrefs();
  return (
    <>
      {unit === 'fingers' && <FingerField />}
      <Switch label="Lengths in" value={unit} options={UNITS} onChoose={(u) => set({ unit: u })} />
    </>
  );
}

function Words() {
  const { english, set } = usePrefs();
  return (
    <Switch
      label="English"
      value={english}
      options={ENGLISH}
      onChoose={(e) => set({ english: e })}
    />
  );
}

function Light() {
  const { theme, set } = usePrefs();
  const isDark = theme === 'dark';
  return (
    <button
      type="button"
      aria-label={isDark ? 'Day light' : 'Low glare'}
      onClick={() => set({ theme: isDark ? 'light' : 'dark' })}
      className="ml-2 grid size-8 place-items-center rounded-md border border-edge hover:bg-sheet"
    >
      {isDark ? <Sun size={17} /> : <Moon size={17} />}
    </button>
  );
}

function Mark() {
  return (
    <NavLink
      to="/book"
      className="flex shrink-0 items-center gap-2 px-1 lg:mr-4"
      aria-label="Gyrotaxis"
    >
      <svg viewBox="4 3 24 26" className="h-7" aria-hidden="true">
        <g fill="none" strokeLinecap="round" strokeLinejoin="round" strokeWidth={3.4}>
          <path d="M9 6l7 5 7-5M9 13l7 5 7-5" stroke="var(--ink)" />
          <path d="M9 20l7 5 7-5" stroke="var(--thread)" />
        </g>
      </svg>
      <span className="hidden text-lg font-semibold tracking-tight lg:inline">Gyrotaxis</span>
    </NavLink>
  );
}
