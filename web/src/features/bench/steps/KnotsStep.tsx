import type { KnotTab } from '../draft/benchState';
import { useBench } from '../draft/useBench';
import { FillsTab } from './knots/FillsTab';
import { MethodTab } from './knots/MethodTab';
import { StationTab } from './knots/StationTab';
import { WorkTab } from './knots/WorkTab';
import { ZonesTab } from './knots/ZonesTab';
import { StepTabs, type StepTab } from './StepTabs';

const TABS: StepTab<KnotTab>[] = [
  { value: 'zones', words: 'Zones', content: <ZonesTab /> },
  { value: 'station', words: 'Share', content: <StationTab /> },
  { value: 'method', words: 'Method', content: <MethodTab /> },
  { value: 'order', words: 'Order', content: <WorkTab /> },
  { value: 'fills', words: 'Fills', content: <FillsTab /> },
];

/**
 * Where each share is hooked and how it is tied: by zone, one by one, by her own method, in which order, and
 * what is kept back. */
export function KnotsStep() {
  const tab = useBench((b) => b.knotTab);
  const show = useBench((b) => b.showKnots);
  return <StepTabs label="Knots" value={tab} tabs={TABS} onShow={show} />;
}
