import type { ReactNode } from 'react';
import type { WorkSheet } from '../../api/types';
import { plural } from '../../lib/time';
import { likelyEnd, runningStage } from './visit/fold';
import { hooked, stage } from './visit/visitEvent';
import type { RecordEvents } from './visit/recordEvents';
import { useNow } from './visit/useNow';
import type { Shown } from './visit/visitStore';
import { useWords, wordOf } from '../../words';

const clockOf = (ms: number) =>
  new Date(ms).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });

/** What needs a word before the work goes on: a clock left running, devices that disagree, what made no sense. */
export function Notices({ shown, record }: { shown: Shown; record: RecordEvents }) {
  const { stages } = useWords();
  const now = useNow();
  const { visit, state } = shown;
  if (!visit || !state) return null;
  const end = likelyEnd(state, now);
  const running = runningStage(state);
  return (
    <>
      {end !== undefined && running && (
        <Notice>
          <p className="mr-auto">
            The clock for “{wordOf(stages, running)}” runs, but nothing was put down since{' '}
            {clockOf(state.lastAt ?? end)}. It likely ended at {clockOf(end)}.
          </p>
          <Big onClick={() => void record([stage('STAGE_PAUSED', running)], end)}>
            Stop it at {clockOf(end)}
          </Big>
          <Big onClick={() => void record([stage('STAGE_RESUMED', running)])}>I worked on</Big>
        </Notice>
      )}
      {state.isFinished && state.afterTheEnd.length > 0 && (
        <Notice>
          <p className="mr-auto">
            It was finished on one device while another went on:{' '}
            {plural(state.afterTheEnd.length, 'thing')} came after the end, and count. Is it done?
          </p>
          <Big onClick={() => void record([{ kind: 'REOPENED' }])}>No, go on</Big>
        </Notice>
      )}
      {state.disputed.size > 0 && (
        <Notice>
          <p className="mr-auto">
            {plural(state.disputed.size, 'share')} on{' '}
            {rowsOf(visit.sheet, state.disputed).join(', ')} {wasOrWere(state.disputed)} hooked on
            one device and left out on another. Look:{' '}
            {state.disputed.size === 1 ? 'is it' : 'are they'} in?
          </p>
          <Big onClick={() => void record([hooked([...state.disputed])])}>Yes, in</Big>
          <Big onClick={() => void record(outAgain(state.disputed))}>No, left out</Big>
        </Notice>
      )}
      {(state.strays.length > 0 || visit.unfit.length > 0) && (
        <Notice>
          <p>
            {plural(state.strays.length + visit.unfit.length, 'thing')} put down on another device{' '}
            could not be used, and {state.strays.length + visit.unfit.length === 1 ? 'is' : 'are'}{' '}
            kept
            {visit.unfit[0] ? `: ${visit.unfit[0].problem}.` : '.'}
          </p>
        </Notice>
      )}
      {shown.problem && (
        <Notice>
          <p role="alert">{shown.problem}</p>
        </Notice>
      )}
    </>
  );
}

const wasOrWere = (shares: Set<number>) => (shares.size === 1 ? 'was' : 'were');

const rowsOf = (sheet: WorkSheet, shares: Set<number>) => [
  ...new Set(sheet.shares.filter((s) => shares.has(s.ref)).map((s) => `row ${s.row}`)),
];

const outAgain = (shares: Set<number>) =>
  [...shares].map((share) => ({ kind: 'SHARE_TAKEN_OUT' as const, share }));

function Notice({ children }: { children: ReactNode }) {
  return (
    <div className="flex flex-wrap items-center gap-3 border-b border-chalk bg-chalk-wash px-4 py-2">
      {children}
    </div>
  );
}

function Big({ onClick, children }: { onClick: () => void; children: ReactNode }) {
  return (
    <button
      type="button"
      onClick={onClick}
      className="h-12 rounded-md border border-chalk bg-sheet px-4 hover:bg-well"
    >
      {children}
    </button>
  );
}
