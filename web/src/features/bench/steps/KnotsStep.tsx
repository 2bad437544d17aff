import { Tabs } from 'radix-ui';
import type { KnotTab } from '../benchStore';
import { useBench } from '../useBench';
import { MethodTab } from './knots/MethodTab';
import { StationTab } from './knots/StationTab';
import { WorkTab } from './knots/WorkTab';
import { ZonesTab } from './knots/ZonesTab';

const TABS: { value: KnotTab; words: string }[] = [
  { value: 'zones', words: 'Zones' },
  { value: 'station', words: 'Share' },
  { value: 'method', words: 'Method' },
  { value: 'order', words: 'Order' },
];

/** Where each share is hooked and how it is tied: by zone, one by one, by her own method, and in which order. */
export function KnotsStep() {
  const tab = useBench((b) => b.knotTab);
  const show = useBench((b) => b.showKnots);
  return (
    <Tabs.Root value={tab} onValueChange={(t) => show(t as KnotTab)} className="flex flex-col">
      <Tabs.List aria-label="Knots" className="mb-3 grid grid-cols-4 border-b border-edge">
        {TABS.map((t) => (
          <Tabs.Trigger
            key={t.value}
            value={t.value}
            className="border-b-3 border-transparent px-1 pb-1 text-sm hover:bg-well data-[state=active]:border-thread data-[state=active]:font-semibold"
          >
            {t.words}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      <Tabs.Content value="zones" className="flex flex-col gap-3">
        <ZonesTab />
      </Tabs.Content>
      <Tabs.Content value="station" className="flex flex-col gap-3">
        <StationTab />
      </Tabs.Content>
      <Tabs.Content value="method" className="flex flex-col gap-3">
        <MethodTab />
      </Tabs.Content>
      <Tabs.Content value="order" className="flex flex-col gap-3">
        <WorkTab />
      </Tabs.Content>
    </Tabs.Root>
  );
}
