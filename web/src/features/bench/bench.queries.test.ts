import { QueryClient } from '@tanstack/react-query';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../api/client';
import { Problem } from '../../api/problems';
import type { Brief, SavedPlan } from '../../api/types';
import { planQuery } from './bench.queries';
import { keepDraft, readDraft } from './draft/keptHere';

const BRIEF = { fullness: 0.8 } as Brief;
const NEWER = { fullness: 0.9 } as Brief;
const opening = () => new QueryClient().fetchQuery(planQuery('p1', 2));

describe('opening a plan with a draft of an older format', () => {
  beforeEach(() => {
    localStorage.clear();
    vi.restoreAllMocks();
    vi.spyOn(api, 'savedPlan').mockResolvedValue({ id: 'p1' } as SavedPlan);
    keepDraft('p1', { brief: BRIEF, name: 'Hers', version: 3, texts: {} });
  });

  it('has it brought up to date', async () => {
    const opened = vi.spyOn(api, 'opened').mockResolvedValue(NEWER);
    await opening();
    expect(opened).toHaveBeenCalledWith({ format: 1, ...BRIEF });
    expect(readDraft('p1')).toMatchObject({ format: 2, brief: NEWER, name: 'Hers' });
  });

  it('puts it by when nobody can read it, and opens the plan', async () => {
    vi.spyOn(api, 'opened').mockRejectedValue(new Problem(422, 'This is no plan.'));
    expect(await opening()).toEqual({ id: 'p1' });
    expect(readDraft('p1')).toBeNull();
    expect(localStorage.getItem('gyrotaxis-unread-p1')).toContain('Hers');
  });

  it('waits with it while the server is away', async () => {
    vi.spyOn(api, 'opened').mockRejectedValue(new Problem(0, 'away'));
    await expect(opening()).rejects.toThrow('away');
    expect(readDraft('p1')).toMatchObject({ brief: BRIEF });
  });
});
