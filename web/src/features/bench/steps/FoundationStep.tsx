import { Tabs } from 'radix-ui';
import type { RowTab } from '../benchStore';
import { useBench } from '../useBench';
import { HairlineTab } from './rows/HairlineTab';
import { OrderTab } from './rows/OrderTab';
import { PatternTab } from './rows/PatternTab';
import { RowEntry } from './rows/RowEntry';

const TABS: { value: RowTab; words: string }[] = [
  { value: 'pattern', words: 'Pattern' },
  { value: 'hairline', words: 'Hairline' },
  { value: 'row', words: 'One row' },
  { value: 'order', words: 'Order' },
];

/** The foundation: which pattern, what happens at the hairline, single rows, and the order of braiding. */
export function FoundationStep() {
  const tab = useBench((b) => b.rowTab);
  const showTab = useBench((b) => b.showTab);
  return (
    <Tabs.Root value={tab} onValueChange={(t) => showTab(t as RowTab)} className="flex flex-col">
      <Tabs.List aria-label="Rows" className="mb-3 grid grid-cols-4 border-b border-edge">
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
      <Tabs.Content value="pattern" className="flex flex-col gap-3">
        <PatternTab />
      </Tabs.Content>
      <Tabs.Content value="hairline" className="flex flex-col gap-3">
        <HairlineTab />
      </Tabs.Content>
      <Tabs.Content value="row" className="flex flex-col gap-3">
        <RowEntry />
      </Tabs.Content>
      <Tabs.Content value="order" className="flex flex-col gap-3">
        <OrderTab />
      </Tabs.Content>
    </Tabs.Root>
  );
}
