import { Dialog } from 'radix-ui';
import { X } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { LeaveBar } from './LeaveBar';

interface Props {
  title: string;
  isOpen: boolean;
  onClose: () => void;
  children: ReactNode;
  /** One sentence below the title. */
  lead?: string;
  /** Whether something was entered that leaving would lose: then Escape, and a touch beside it, ask first. */
  hasEntries?: boolean;
}

const FIELDS = 'input:not([type=hidden]), select, textarea';

/** A form begins at its first field, not at the key that closes it. */
function toFirstField(e: Event) {
  const field =
    e.currentTarget instanceof Element ? e.currentTarget.querySelector<HTMLElement>(FIELDS) : null;
  if (!field) return;
  e.preventDefault();
  field.focus();
}

export function Modal({ title, isOpen, onClose, children, lead, hasEntries = false }: Props) {
  const [isAsking, setAsking] = useState(false);
  const leave = () => {
    if (hasEntries && !isAsking) setAsking(true);
    else onClose();
  };
  return (
    <Dialog.Root open={isOpen} onOpenChange={(open) => !open && leave()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-black/50" />
        <Dialog.Content
          {...(lead ? {} : { 'aria-describedby': undefined })}
          onOpenAutoFocus={toFirstField}
          className="fixed top-1/2 left-1/2 z-30 flex max-h-[92vh] w-[min(94vw,40rem)] -translate-x-1/2 -translate-y-1/2 flex-col gap-4 overflow-y-auto rounded-lg border border-edge bg-sheet p-6 shadow-xl"
        >
          <div className="flex items-start justify-between gap-4">
            <div>
              <Dialog.Title className="text-xl font-semibold">{title}</Dialog.Title>
              {lead && <Dialog.Description className="text-soft">{lead}</Dialog.Description>}
            </div>
            <Dialog.Close aria-label="Close" className="rounded p-1 hover:bg-well">
              <X size={20} />
            </Dialog.Close>
          </div>
          {children}
          {isAsking && <LeaveBar onStay={() => setAsking(false)} onLeave={onClose} />}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
