import { Link } from 'react-router';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';
import { STEP_KEYS, WALK_KEYS } from './useBenchKeys';

const OTHERS: [string, string][] = [
  ['m', 'to the first handle on the map'],
  ...Object.entries(WALK_KEYS).map(([key, words]): [string, string] => [
    key,
    `to the ${words} on the map`,
  ]),
  ['Tab', 'on to the next kind of handle'],
  ['← →', 'to the neighbouring row or share; move what is held'],
  ['↑ ↓', 'from the shares of one row to those of the next'],
  ['Enter', 'take the row or share in hand'],
  ['← → ↑ ↓', 'a row in hand: bend it, or make it wider and narrower'],
  ['Shift ↑ ↓', 'a row in hand: end it later or earlier'],
  ['Shift', 'with an arrow: move a handle finely'],
  ['Esc', 'let go'],
  ['t', 'turn the map over'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
];

interface Props {
  isOpen: boolean;
  onClose: () => void;
  onShowRound: () => void;
}

export function KeysDialog({ isOpen, onClose, onShowRound }: Props) {
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
      <div className="mt-4 flex flex-wrap gap-2 border-t border-line pt-4">
        <Button
          onClick={() => {
            onClose();
            onShowRound();
          }}
        >
          Show me round the bench
        </Button>
        <Link to="/practice/words" className="self-center px-2 underline">
          all words of the trade
        </Link>
      </div>
    </Modal>
  );
}
