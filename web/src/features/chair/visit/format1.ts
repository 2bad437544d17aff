import type { VisitEvent } from '../../../api/types';

/** An event as devices kept it in their first format: a few fields for all kinds, null where a kind has none. */
export type Format1 = Record<string, unknown> & { kind: string; shares?: number[] | null };

/** The same event as it is now; the server makes the same step with what it keeps. */
export function fromFormat1(e: Format1): VisitEvent {
  return { kind: e.kind, ...fields(e) } as VisitEvent;
}

function fields(e: Format1): object {
  const text = e.text ?? '';
  const nullable = (name: string) => e[name] ?? null;
  const share = e.shares?.[0];
  switch (e.kind) {
    case 'STAGE_BEGUN':
    case 'STAGE_PAUSED':
    case 'STAGE_RESUMED':
    case 'STAGE_ENDED':
      return { stage: e.stage };
    case 'STEP_DONE':
      return { step: e.step };
    case 'SHARES_HOOKED':
      return { shares: e.shares };
    case 'SHARE_TAKEN_OUT':
    case 'SHARE_SLIPPED':
      return { share };
    case 'FROM_HERE_ON':
      return {
        from: share,
        knot: nullable('knot'),
        passes: nullable('passes'),
        size: nullable('shareParts'),
      };
    case 'BUNDLE_OPENED':
      return { supply: e.supply, lot: text, loops: nullable('loops') };
    case 'REST_COUNTED':
      return { supply: e.supply, loops: e.loops };
    case 'ROW_KEPT':
    case 'ROW_RELEASED':
    case 'TAIL_FOUND':
    case 'ROW_UNDONE':
      return { row: e.row };
    case 'TRIED': {
      const part = nullable('part');
      return { worn: { way: part === null ? e.way : 'DOWN', part, gap: null }, showed: text };
    }
    case 'FILL_PLACED':
      return {
        row: e.row,
        at: e.at,
        size: e.shareParts,
        supply: e.supply,
        towardRad: nullable('towardRad'),
        beyond: e.otherRow ? { row: e.otherRow, at: e.otherAt } : null,
      };
    case 'ADJUSTED':
      return {
        adjustment: e.adjustment,
        leftOut: e.shares ?? [],
        otherwise: e.otherShares ?? [],
        size: nullable('shareParts'),
        supply: nullable('supply'),
        packs: e.packs ?? 0,
      };
    case 'REPLACED':
      return {
        supply: e.supply,
        id: nullable('lineId'),
        line: text,
        colour: e.colour ?? '',
        bundle: nullable('loops'),
      };
    case 'NOTED':
      return { words: text };
    case 'PICTURED':
      return { picture: text };
    case 'CAUTION_SIGNED':
      return { step: e.step, by: text };
    case 'UNDONE':
      return { event: e.undoes };
    case 'LOOPS_KEPT':
      return { supply: e.supply, loops: e.loops, grade: e.grade };
    case 'OWN_HAIR_CUT':
      return { where: text };
    case 'SKIN_SEEN':
      return { seen: e.skin ?? [], words: text };
    case 'JUDGED':
      return { changes: e.verdicts ?? [], words: text };
    default:
      return {};
  }
}
