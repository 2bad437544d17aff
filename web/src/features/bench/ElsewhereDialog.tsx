import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';
import { useBench } from './draft/useBench';

/** Somebody saved this plan elsewhere in the meantime: whichever is taken, the other is one undo away or still stored. */
export function ElsewhereDialog() {
  const theirs = useBench((b) => b.theirs);
  const takeTheirs = useBench((b) => b.takeTheirs);
  const keepMine = useBench((b) => b.keepMine);
  return (
    <Modal
      title="This plan was changed elsewhere"
      lead="Another tab or device saved it after you opened it here. Nothing is lost yet."
      isOpen={theirs !== undefined}
      onClose={takeTheirs}
    >
      <div className="flex flex-wrap gap-3">
        <Button look="main" onClick={takeTheirs}>
          Show the other, keep mine under undo
        </Button>
        <Button onClick={keepMine}>Save mine over it</Button>
      </div>
    </Modal>
  );
}
