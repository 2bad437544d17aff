import type { RecordedEvent, WorkSheet } from '../api/types';
import file from './work.json';

/** What the core made of random events, kept by a test of the server. */
interface Sample {
  sheet: WorkSheet;
  runs: {
    events: RecordedEvent[];
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
      /** Of each hair: bundles opened, their loops, loops used, loops in. */
      hairs: [number, number, number, number][];
      bundles: number;
      openedLoops: number;
      usedLoops: number;
    };
  }[];
}

const kept = file as unknown as Sample & { others: Sample[] };

/** A head in deep wave with a few accents. */
export const samples = kept as Sample;

/** Hair on beads, blended hair, and loose fibre that is cut for the front. */
export const otherSamples = kept.others;
