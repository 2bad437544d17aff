import type { WorkEvent, WorkSheet } from '../api/types';
import { what } from '../features/chair/visit/happening';
import file from './work.json';

/** What the core made of events by chance, kept by a test of the server. */
interface Samples {
  sheet: WorkSheet;
  runs: {
    events: WorkEvent[];
    state: {
      shares: {
        ref: number;
        done: string;
        shareParts: number;
        knot: string;
        passes: number;
        supply: number;
      }[];
      stepsDone: number[];
      spentMs: Record<string, number>;
      running: string[];
      kept: string[];
      signed: number[];
      found: string[];
      undone: string[];
      takedown: number[];
      disputed: number[];
      counts: number[];
      isFinished: boolean;
      strays: number;
      next: number;
      loopsIn: number;
      sides: number[];
      bundles: number;
      openedLoops: number;
      usedLoops: number;
    };
  }[];
}

const kept = file as unknown as Samples;

/** With all that an event says where it says nothing: the file leaves it out. */
export const samples: Samples = {
  ...kept,
  runs: kept.runs.map((run) => ({
    ...run,
    events: run.events.map((e) => ({ ...e, what: what(e.what.kind, e.what) })),
  })),
};
