import type { Outlook, OutlookOption } from '../../../api/types';
import { formatMoney } from '../../../lib/money';
import { formatMinutes, plural } from '../../../lib/time';
import { Modal } from '../../../ui/Modal';
import type { RecordEvents } from '../visit/recordEvents';

interface Props {
  isOpen: boolean;
  onClose: () => void;
  outlook: Outlook | undefined;
  record: RecordEvents;
}

const percent = (part: number) => `${Math.round(part * 1000) / 10} %`;

/** What else she can do from here, each with what will show and what it costs. */
export function OptionsDialog({ isOpen, onClose, outlook, record }: Props) {
  const options = outlook?.options ?? [];
  return (
    <Modal title="From here on" isOpen={isOpen} onClose={onClose}>
      {outlook?.goingOn && (
        <p>
          If you go on as planned
          {outlook.hair.some((h) => h.lasts === 'NO') && ' until the hair is gone'},{' '}
          {percent(outlook.goingOn.exposed)} of the scalp shows in the end
          {outlook.goingOn.gaps.length > 0 &&
            `, with ${plural(outlook.goingOn.gaps.length, 'gap')}`}
          .
        </p>
      )}
      <ul className="flex flex-col gap-2">
        {options.map((o) => (
          <li key={o.kind}>
            <button
              type="button"
              onClick={() => {
                void record([o.what]);
                onClose();
              }}
              className="w-full rounded-md border border-edge bg-ground p-3 text-left hover:bg-well"
            >
              <span className="block text-lg font-semibold first-letter:uppercase">{o.words}</span>
              <span className="block">{o.says}</span>
              <span className="mt-1 block text-soft">{costs(o).join(', ')}</span>
            </button>
          </li>
        ))}
      </ul>
      {options.length === 0 && <p>Nothing needs to be changed: the hair lasts.</p>}
    </Modal>
  );
}

function costs(o: OutlookOption): string[] {
  const { what } = o;
  const shares = what.kind === 'ADJUSTED' ? what.leftOut.length + what.otherwise.length : 0;
  return [
    ...(shares > 0 ? [plural(shares, 'share')] : []),
    `${percent(o.shows.exposed)} shows${o.shows.covers ? ', no gap' : `, ${plural(o.shows.gaps.length, 'gap')}`}`,
    ...(o.minutes < -0.5 ? [`${formatMinutes(Math.round(-o.minutes))} less`] : []),
    ...(o.costMinor !== null && o.currency !== null ? [formatMoney(o.costMinor, o.currency)] : []),
    ...(o.lasts ? ['then it lasts'] : ['not enough by itself']),
  ];
}
