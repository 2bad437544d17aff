import { Modal } from '../../ui/Modal';
import { STEP_KEYS } from './useBenchKeys';

const OTHERS: [string, string][] = [
  ['Tab', 'walk to the ear line and the rows on the map'],
  ['← →', 'to the neighbouring row; move what is held'],
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
