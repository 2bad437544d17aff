import type { RowTab } from '../draft/benchState';
import { useBench } from '../draft/useBench';
import { HairlineTab } from './rows/HairlineTab';
import { OrderTab } from './rows/OrderTab';
import { PatternTab } from './rows/PatternTab';
import { RowEntry } from './rows/RowEntry';
import { StepTabs, type StepTab } from './StepTabs';

const TABS: StepTab<RowTab>[] = [
  { value: 'pattern', words: 'Pattern', content: <PatternTab /> },
  { value: 'hairline', words: 'Hairline', content: <HairlineTab /> },
  { value: 'row', words: 'One row', content: <RowEntry /> },
  { value: 'order', words: 'Order', content: <OrderTab /> },
];

/** The foundation: which pattern, what happens at the hairline, single rows, and the order of braiding. */
export function FoundationStep() {
  const tab = useBench((b) => b.rowTab);
  const showTab = useBench((b) => b.showTab);
  return <StepTabs label="Rows" value={tab} tabs={TABS} onShow={showTab} />;
}
