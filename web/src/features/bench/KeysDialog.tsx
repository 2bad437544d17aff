import { Modal } from '../../ui/Modal';
import { STEP_KEYS } from './useBenchKeys';

const OTHERS: [string, string][] = [
  ['Tab', 'walk to the handles, the rows and the stations on the map'],
  ['← →', 'to the neighbouring row or station; move what is held'],
  ['↑ ↓', 'from the stations of one row to those of the next'],
  ['Enter', 'take the station in hand, to change it'],
  ['Shift', 'with an arrow: move finely'],
  ['Esc', 'let go'],
  ['t', 'turn the map over'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
];

export function KeysDialog({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  const steps = Object.entries(STEP_KEYS).map(([key, step]): [string, string] => [
    key,
    step === 'foundation' ? 'rows' : step,
  ]);
  return (
    <Modal title="Keys of the bench" isOpen={isOpen} onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr_auto_1fr] gap-x-4 gap-y-2">
        {[...steps, ...OTHERS].map(([key, words]) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="rounded border border-edge bg-well px-1.5 font-sans font-semibold">
                {key}
              </kbd>
            </dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
