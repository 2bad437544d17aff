import { Modal } from '../../../ui/Modal';

const KEYS: [string, string][] = [
  [
    'Space, Page Down',
    'the big key: read, begin, done. A foot pedal or a page turner sends these too',
  ],
  ['Page Up', 'back one'],
  ['U', 'undo whatever came last'],
  ['← →, Enter', 'walk along the shares of the row, count up to one'],
  ['?', 'this list'],
];

export function ChairKeysDialog({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  return (
    <Modal title="Keys at the chair" isOpen={isOpen} onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-6 gap-y-2">
        {KEYS.map(([key, words]) => (
          <div key={key} className="contents">
            <dt className="font-semibold whitespace-nowrap">{key}</dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
