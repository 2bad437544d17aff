import type { VisitEvent, WorkSheet } from '../../../api/types';

/** What of a sheet an event speaks of. */
interface Named {
  shares?: number[];
  rows?: string[];
  supply?: number | null;
  step?: number;
}

function named(w: VisitEvent): Named {
  switch (w.kind) {
    case 'SHARES_HOOKED':
      return { shares: w.shares };
    case 'SHARE_TAKEN_OUT':
    case 'SHARE_SLIPPED':
      return { shares: [w.share] };
    case 'FROM_HERE_ON':
      return { shares: [w.from] };
    case 'ADJUSTED':
      return { shares: [...w.leftOut, ...w.otherwise], supply: w.supply };
    case 'ROW_KEPT':
    case 'ROW_RELEASED':
    case 'TAIL_FOUND':
    case 'ROW_UNDONE':
      return { rows: [w.row] };
    case 'FILL_PLACED':
      return { rows: [w.row, ...(w.beyond ? [w.beyond.row] : [])], supply: w.supply };
    case 'BUNDLE_OPENED':
    case 'REST_COUNTED':
    case 'REPLACED':
    case 'LOOPS_KEPT':
      return { supply: w.supply };
    case 'STEP_DONE':
    case 'CAUTION_SIGNED':
      return { step: w.step };
    default:
      return {};
  }
}

/** Whether an event speaks of nothing that a sheet does not have. */
export function speaksOf(sheet: WorkSheet): (w: VisitEvent) => boolean {
  const refs = new Set(sheet.shares.map((s) => s.ref));
  const ids = new Set(sheet.rows.map((r) => r.id));
  return (w) => {
    const { shares = [], rows = [], supply, step } = named(w);
    return (
      shares.every((s) => refs.has(s)) &&
      rows.every((r) => ids.has(r)) &&
      (supply ?? 0) < sheet.supplies.length &&
      (step ?? 0) <= sheet.steps.length
    );
  };
}
