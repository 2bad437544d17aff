import { Columns2, Keyboard, Redo2, Undo2 } from 'lucide-react';
import { Link } from 'react-router';
import { useBench } from '../draft/useBench';
import type { Saving } from '../draft/benchState';
import { Button } from '../../../ui/Button';
import { PaperMenu } from '../paper/PaperMenu';
import { ToChair } from '../ToChair';

const SAVING_WORDS: Record<Saving, string> = {
  saved: 'Saved',
  changed: 'Kept on this device',
  saving: 'Saving…',
  away: 'Kept on this device; the server does not answer',
  refused: 'Kept on this device only',
};

/** The same where there is little room. */
const SHORT_WORDS: Record<Saving, string> = {
  saved: 'Saved',
  changed: 'kept here',
  saving: 'saving…',
  away: 'kept here',
  refused: 'kept here only',
};

interface Props {
  planId: string;
  isTight: boolean;
  /** Opens the list of keys; left out where nobody is likely to have any. */
  onKeys: (() => void) | undefined;
}

/** Whose plan it is, whether it is kept, and the way back and on. Where there is little room its keys have no words. */
export function BenchHead({ planId, isTight, onKeys }: Props) {
  const home = useBench((b) => b.home);
  const clientName = useBench((b) => b.clientName);
  const name = useBench((b) => b.name);
  const lastName = useBench((b) => b.lastName);
  const isNameless = name.trim() === '';
  const rename = useBench((b) => b.rename);
  const saving = useBench((b) => b.saving);
  const refusal = useBench((b) => b.refusal);
  const canUndo = useBench((b) => b.past.length > 0);
  const canRedo = useBench((b) => b.future.length > 0);
  const undo = useBench((b) => b.undo);
  const redo = useBench((b) => b.redo);
  const isBeside = useBench((b) => b.beside !== undefined);
  const keepBeside = useBench((b) => b.keepBeside);
  return (
    <header
      className={`flex items-center border-b border-line bg-sheet ${isTight ? 'gap-1 px-2 py-0.5' : 'gap-3 px-4 py-1.5'}`}
    >
      <div className={isTight ? 'relative min-w-0 flex-1' : 'contents'}>
        <h1
          className={`min-w-0 truncate font-semibold ${isTight ? 'pointer-events-none absolute top-0.5 left-2 max-w-full leading-tight' : 'max-w-96 text-lg'}`}
          title={clientName}
        >
          {clientName}
        </h1>
        {/* What is said of the name lies over the page: were it to move things, the press that ends the typing would miss. */}
        <div className="relative min-w-0 flex-1">
          <input
            aria-label="Name of the plan"
            aria-invalid={isNameless}
            aria-describedby={isNameless ? 'nameless' : undefined}
            value={name}
            maxLength={120}
            onChange={(e) => rename(e.target.value)}
            onBlur={() => isNameless && rename(lastName)}
            className={`w-full rounded border bg-transparent px-2 py-0.5 hover:border-edge ${isTight ? 'pt-4.5 pb-0 text-sm' : ''} ${isNameless ? 'border-chalk' : 'border-transparent'}`}
          />
          {isNameless && (
            <p
              id="nameless"
              role="alert"
              className="absolute top-full left-0 z-30 rounded-b border border-chalk bg-sheet px-2 py-0.5 text-sm font-medium text-chalk"
            >
              ✕ A plan needs a name; until it has one it stays “{lastName}”.
            </p>
          )}
        </div>
      </div>
      <p
        role="status"
        className={`text-sm whitespace-nowrap text-soft ${isTight && saving === 'saved' ? 'sr-only' : ''}`}
        data-saving={saving}
      >
        {home === 'practice' && saving === 'saved'
          ? 'As it came'
          : isTight && saving !== 'saved'
            ? SHORT_WORDS[saving]
            : SAVING_WORDS[saving]}
        {refusal && (
          <span role="alert" className="block max-w-96 font-medium whitespace-normal text-chalk">
            ✕ {refusal}
          </span>
        )}
      </p>
      <Button
        look="quiet"
        aria-pressed={isBeside}
        onClick={() => keepBeside(!isBeside)}
        aria-label="what if"
        title="Keeps the plan as it is now beside what you try next"
      >
        <Columns2 size={16} aria-hidden /> {!isTight && 'what if'}
      </Button>
      <Button
        look="quiet"
        disabled={!canUndo}
        onClick={undo}
        aria-label="undo"
        title="Undo (Ctrl Z)"
      >
        <Undo2 size={16} aria-hidden /> {!isTight && 'undo'}
      </Button>
      <Button
        look="quiet"
        disabled={!canRedo}
        onClick={redo}
        aria-label="redo"
        title="Redo (Ctrl Shift Z)"
      >
        <Redo2 size={16} aria-hidden /> {!isTight && 'redo'}
      </Button>
      {home === 'bench' && <PaperMenu planId={planId} isTight={isTight} />}
      {onKeys && (
        <Button look="quiet" onClick={onKeys} aria-label="keys" title="All keys of the bench (?)">
          <Keyboard size={16} aria-hidden /> ?
        </Button>
      )}
      {home === 'bench' ? (
        <ToChair planId={planId} isTight={isTight} />
      ) : (
        <Link to="/practice" className="px-2 text-sm whitespace-nowrap underline">
          {isTight ? 'heads' : 'back to the practice heads'}
        </Link>
      )}
    </header>
  );
}
