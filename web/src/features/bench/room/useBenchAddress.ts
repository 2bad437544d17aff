import { useEffect, useRef } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import { useStore } from 'zustand';
import { STEPS, type BenchState, type KnotTab, type RowTab, type Step } from '../draft/benchState';
import type { BenchStore } from '../draft/benchStore';
import { STEP_NAMES } from './stepNames';

const ROW_TABS: readonly RowTab[] = ['pattern', 'hairline', 'row', 'order'];
const KNOT_TABS: readonly KnotTab[] = ['zones', 'station', 'method', 'order', 'fills'];
const COMPARING = 'compare';

/** What of the bench its address says. */
type Place = Pick<BenchState, 'step' | 'rowTab' | 'knotTab' | 'isComparing'>;

/** The steps as an address calls them: as the stylist does. */
const slugOf = (step: Step): string => STEP_NAMES[step].toLowerCase();

/** What stands behind the plan in the address of a place. */
export function addressOf(b: Place): string {
  if (b.isComparing) return COMPARING;
  const tab = b.step === 'foundation' ? b.rowTab : b.step === 'knots' ? b.knotTab : undefined;
  return tab === undefined
    ? slugOf(b.step)
    : `${slugOf(b.step)}/${tab === 'station' ? 'share' : tab}`;
}

/** The place that an address names; what it does not name is left as it is. */
export function placeOf(step: string | undefined, tab: string | undefined): Partial<Place> {
  if (step === COMPARING) return { isComparing: true };
  const named = STEPS.find((s) => slugOf(s) === step);
  if (!named) return { isComparing: false };
  const rowTab = ROW_TABS.find((t) => named === 'foundation' && t === tab);
  const knotTab = KNOT_TABS.find(
    (t) => named === 'knots' && t === (tab === 'share' ? 'station' : tab),
  );
  return {
    step: named,
    isComparing: false,
    ...(rowTab && { rowTab }),
    ...(knotTab && { knotTab }),
  };
}

function lead(store: BenchStore, place: Partial<Place>): void {
  if (place.step !== undefined && place.step !== store.getState().step)
    store.getState().go(place.step);
  store.setState(place);
}

/** Keeps step, tab and comparison and the address together, either way, and says in the tab's title what is open. */
export function useBenchAddress(store: BenchStore): void {
  const { planId = '', step, tab } = useParams();
  const { pathname } = useLocation();
  const navigate = useNavigate();
  const isFirst = useRef(true);
  const to = useStore(store, (b) => `/${b.home}/${planId}/${addressOf(b)}`);
  const title = useStore(store, (b) => `${b.clientName}, ${b.name}: ${STEP_NAMES[b.step]}`);

  const here = useRef(pathname);
  useEffect(() => {
    here.current = pathname;
  }, [pathname]);

  // The address changed, by Back, Forward or a link: the bench follows.
  useEffect(() => lead(store, placeOf(step, tab)), [store, step, tab]);

  // Back pressed at once after a step was taken: the router may not have told of that step yet, and so tells of no change.
  useEffect(() => {
    const onBack = () => {
      const [, , , toStep, toTab] = window.location.pathname.split('/');
      here.current = window.location.pathname;
      lead(store, placeOf(toStep, toTab));
    };
    window.addEventListener('popstate', onBack);
    return () => window.removeEventListener('popstate', onBack);
  }, [store]);

  // The bench changed: its address follows. One that names no step yet is completed rather than walked back to.
  useEffect(() => {
    // As the bench is now: where the address led it in the same moment, it is there already.
    const now = `/${store.getState().home}/${planId}/${addressOf(store.getState())}`;
    if (now !== here.current) void navigate(now, { replace: isFirst.current });
    isFirst.current = false;
  }, [to, navigate, planId, store]);

  useEffect(() => {
    const before = document.title;
    document.title = `${title} · Gyrotaxis`;
    return () => {
      document.title = before;
    };
  }, [title]);
}
