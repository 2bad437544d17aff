import { Button } from './Button';

/** Asks before what was written is lost. */
export function LeaveBar({ onStay, onLeave }: { onStay: () => void; onLeave: () => void }) {
  return (
    <div
      role="alertdialog"
      aria-label="Leave what you wrote?"
      className="sticky bottom-0 flex flex-wrap items-center gap-3 rounded-md border-2 border-chalk bg-chalk-wash p-3"
    >
      <p className="mr-auto font-medium">Leave what you wrote?</p>
      <Button autoFocus className="min-h-12" onClick={onStay}>
        Go on writing
      </Button>
      <Button look="grave" className="min-h-12" onClick={onLeave}>
        Leave it
      </Button>
    </div>
  );
}
