import { CloudOff, MoreHorizontal, Pause, Play } from 'lucide-react';
import { plural } from '../../lib/time';
import { runningStage, shownMs } from './visit/fold';
import { stage } from './visit/visitEvent';
import type { RecordEvents } from './visit/recordEvents';
import { useNow } from './visit/useNow';
import type { Shown } from './visit/visitStore';
import { useWords, wordOf } from '../../words';

interface Props {
  shown: Shown;
  record: RecordEvents;
  onMore: () => void;
}

/** Who is in the chair, the clock, what is unsent, and the way to everything else. */
export function Bar({ shown, record, onMore }: Props) {
  const { visit } = shown;
  return (
    <header className="flex h-14 shrink-0 items-center gap-3 border-b border-line bg-sheet px-3">
      <div className="mr-auto min-w-0">
        <h1 className="truncate text-lg leading-tight font-semibold">{visit?.visit.clientName}</h1>
        <p className="truncate text-sm leading-tight text-soft">{visit?.visit.planName}</p>
      </div>
      <Unsent shown={shown} />
      <Clock shown={shown} record={record} />
      <button
        type="button"
        onClick={onMore}
        className="flex h-12 shrink-0 items-center gap-2 rounded-md border border-edge bg-ground px-4 hover:bg-well"
      >
        <MoreHorizontal size={20} aria-hidden /> more
      </button>
    </header>
  );
}

function Unsent({ shown }: { shown: Shown }) {
  if (!shown.isAway && shown.unsent === 0) return null;
  return (
    <p role="status" className="flex items-center gap-1.5 text-sm" data-unsent={shown.unsent}>
      {shown.isAway && <CloudOff size={18} aria-hidden />}
      {shown.isAway
        ? shown.unsent > 0
          ? `Server away. ${plural(shown.unsent, 'thing')} kept on this device.`
          : 'Server away. All is kept on this device.'
        : `Sending ${shown.unsent}…`}
    </p>
  );
}

const two = (n: number) => String(n).padStart(2, '0');
const said = (ms: number) => {
  const minutes = Math.floor(ms / 60_000);
  return `${Math.floor(minutes / 60)}:${two(minutes % 60)}`;
};

/** The clock of the stage that runs, or that stands still. */
function Clock({ shown, record }: { shown: Shown; record: RecordEvents }) {
  const { stages } = useWords();
  const now = useNow();
  const { state } = shown;
  if (!state || state.isFinished) return null;
  const running = runningStage(state);
  const last = running ?? [...state.stages].filter(([, t]) => !t.isEnded).at(-1)?.[0];
  const time = last && state.stages.get(last);
  if (!last || !time) return null;
  return (
    <button
      type="button"
      onClick={() => void record([stage(running ? 'STAGE_PAUSED' : 'STAGE_RESUMED', last)])}
      aria-label={`${running ? 'Pause' : 'Go on with'} the clock of ${wordOf(stages, last)}`}
      className={`flex h-12 shrink-0 items-center gap-2 rounded-md border px-3 hover:bg-well ${
        running ? 'border-edge bg-ground' : 'border-thread-deep bg-thread/25'
      }`}
    >
      {running ? <Pause size={18} aria-hidden /> : <Play size={18} aria-hidden />}
      <span className="text-left leading-tight">
        <span className="block text-xs text-soft">
          {wordOf(stages, last)}
          {running ? '' : ', paused'}
        </span>
        <span className="block text-lg leading-none font-semibold">{said(shownMs(time, now))}</span>
      </span>
    </button>
  );
}
