import type { SheetShare } from '../../../api/types';
import { Modal } from '../../../ui/Modal';
import { hooked } from '../visit/visitEvent';
import type { RecordEvents } from '../visit/recordEvents';
import { Big } from './Big';

interface Props {
  share: SheetShare;
  onClose: () => void;
  record: RecordEvents;
}

/** What became of a share that was hooked, taken out or left out. */
export function BeadDialog({ share, onClose, record }: Props) {
  const say = (kind: 'SHARE_SLIPPED' | 'SHARE_TAKEN_OUT') => () => {
    void record([{ kind, share: share.ref }]);
    onClose();
  };
  return (
    <Modal title={`Share ${share.ref}, row ${share.row}`} isOpen onClose={onClose}>
      <div className="flex flex-col gap-2">
        <Big onClick={say('SHARE_SLIPPED')}>It slipped: to be hooked again</Big>
        <Big onClick={say('SHARE_TAKEN_OUT')}>I took it out, and leave it out</Big>
        <Big
          onClick={() => {
            void record([hooked([share.ref])]);
            onClose();
          }}
        >
          It is in
        </Big>
      </div>
    </Modal>
  );
}
