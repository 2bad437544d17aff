import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Brief, Head } from '../../../api/types';
import { onBench, refusedAt, sample } from '../../../testing/onBench';
import { refusal, requestsTo, serve } from '../../../testing/server';
import { usePrefs } from '../../../ui/prefs';
import { ClientStep } from './ClientStep';
import { HeadStep } from './HeadStep';

const { client, savedPlan } = sample;
const ofClient = `/api/clients/${client.id}`;

beforeEach(() => usePrefs.setState({ unit: 'cm', fingerMm: 18 }));

const head = (edit: Partial<Head>) => (b: Brief) => ({
  ...b,
  head: { ...b.head, ...edit } as Head,
});
const type = (label: string, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });

describe('ClientStep', () => {
  it('keeps every answer of the consultation in the brief', () => {
    const bench = onBench(<ClientStep />);
    fireEvent.click(screen.getByRole('radio', { name: 'to her left' }));
    fireEvent.click(screen.getByLabelText('She wants a fringe'));
    fireEvent.click(screen.getByRole('button', { name: 'bun' }));
    fireEvent.click(screen.getByRole('button', { name: 'more: Weeks of wear' }));
    const asked = bench.getState().brief.consultation;
    expect(asked?.fall).toBe('LEFT');
    expect(asked?.hasFringe).toBe(true);
    expect(asked?.ways).toEqual([...(savedPlan.brief.consultation.ways ?? []), 'BUN']);
    expect(asked?.weeks).toBe((savedPlan.brief.consultation.weeks ?? 0) + 1);
    expect(bench.getState().past).toHaveLength(4);
  });

  it('asks for minutes only where time is limited, and says there what is wrong with them', () => {
    const brief = (b: Brief): Brief =>
      b.consultation ? { ...b, consultation: { ...b.consultation, chairMinutes: null } } : b;
    const bench = onBench(<ClientStep />, {
      brief,
      problem: refusedAt('consultation.chairMinutes', 'Less than an hour is not enough.'),
    });
    expect(screen.queryByText('Minutes she has')).toBeNull();
    expect(screen.queryByRole('alert')).toBeNull();
    fireEvent.click(screen.getByLabelText('Her time is limited'));
    expect(bench.getState().brief.consultation.chairMinutes).toBe(180);
    expect(screen.getByRole('alert').textContent).toContain('Less than an hour');
    fireEvent.click(screen.getByLabelText('Her time is limited'));
    expect(bench.getState().brief.consultation.chairMinutes).toBeNull();
  });

  it('takes down to which side it falls', () => {
    const bench = onBench(<ClientStep />);
    fireEvent.click(screen.getByRole('radio', { name: 'to her left' }));
    expect(bench.getState().brief.consultation).toMatchObject({
      fall: 'LEFT',
      ways: sample.savedPlan.brief.consultation.ways,
    });
  });

  it('keeps what is seen on her scalp apart from what she is used to', () => {
    const bench = onBench(<ClientStep />);
    fireEvent.click(screen.getByRole('button', { name: 'thin edges' }));
    fireEvent.click(screen.getByRole('button', { name: 'swimming' }));
    const { brief } = bench.getState();
    expect(brief.ownHair.conditions).toContain('THIN_EDGES');
    expect(brief.consultation.habits).toContain('SWIMMING');
    fireEvent.click(screen.getByRole('button', { name: 'thin edges' }));
    expect(bench.getState().brief.ownHair.conditions).not.toContain('THIN_EDGES');
  });
});

describe('HeadStep', () => {
  beforeEach(() => serve({ [`GET ${ofClient}`]: () => client }));

  it('reads a measure in her unit, and keeps text it cannot read where it stands', () => {
    const bench = onBench(<HeadStep />);
    type('Round the head', '57.5');
    expect(bench.getState().brief.head.roundMm).toBe(575);
    type('Round the head', '57,5 or so');
    expect(bench.getState().brief.head.roundMm).toBe(575);
    expect(bench.getState().texts['head.roundMm']).toBe('57,5 or so');
    expect(screen.getByRole('alert').textContent).toContain('Write a length');
    type('Round the head', '22 1/2 in');
    expect(bench.getState().brief.head.roundMm).toBeCloseTo(571.5);
    expect(bench.getState().texts).toEqual({});
  });

  it('shows an estimate where nothing was measured, and says that it is one', () => {
    const readings = sample.plan.head.readings.map((r) =>
      r.field === 'napeWidthMm' ? { ...r, isEstimated: true, tapeMm: 118 } : r,
    );
    onBench(<HeadStep />, {
      brief: head({ napeWidthMm: null }),
      plan: { ...sample.plan, head: { ...sample.plan.head, readings } },
    });
    const nape = screen.getByLabelText('Nape width') as HTMLInputElement;
    expect(nape.value).toBe('');
    expect(nape.placeholder).toBe('about 11.8');
    expect(screen.getByText('estimated from the others')).toBeTruthy();
  });

  it('says a refused measure with its range, in the unit she speaks', () => {
    usePrefs.setState({ unit: 'in' });
    onBench(<HeadStep />, {
      problem: refusedAt('head.frontToNapeMm', 'x', { min: 254, max: 508 }),
    });
    expect(screen.getByRole('alert').textContent).toMatch(
      /Front to nape must be between 10 in and 20 in/,
    );
  });

  it('has figures for a peak only while there is one', () => {
    const bench = onBench(<HeadStep />);
    expect(screen.queryByLabelText('Peak comes down')).toBeNull();
    fireEvent.click(screen.getByLabelText('It comes down in a peak'));
    type('Peak from the midline', '-0.5');
    expect(bench.getState().brief.head.hairline).toMatchObject({
      peakPlaceMm: -5,
      peakDropMm: 10,
    });
    fireEvent.click(screen.getByLabelText('It comes down in a peak'));
    expect(bench.getState().brief.head.hairline.peakDropMm).toBeNull();
  });

  it('takes a chalk for a region, and names and removes the regions drawn', () => {
    const bench = onBench(<HeadStep />, {
      brief: head({
        regions: [
          { kind: 'SCAR', name: 'old scar', points: [] },
          { kind: 'THIN', name: 'crown', points: [] },
        ] as unknown as Head['regions'],
      }),
    });
    const regions = screen.getByRole('region', { name: 'Regions of the scalp' });
    fireEvent.click(within(regions).getByRole('button', { name: 'tender' }));
    expect(bench.getState().tool).toEqual({ kind: 'region', of: 'TENDER', points: [] });
    expect(within(regions).getByRole('status').textContent).toContain('Draw round the region');
    const names = within(regions).getAllByRole('textbox');
    fireEvent.change(names[1] as HTMLElement, { target: { value: 'thin crown' } });
    fireEvent.click(within(regions).getByRole('button', { name: 'Remove old scar' }));
    expect(bench.getState().brief.head.regions.map((r) => r.name)).toEqual(['thin crown']);
    act(() => bench.getState().undo());
    expect(bench.getState().brief.head.regions).toHaveLength(2);
  });

  it('knows the head kept with her, and keeps another once a measure differs', async () => {
    serve({ [`POST ${ofClient}/heads`]: () => client });
    const kept = client.heads[0];
    const bench = onBench(<HeadStep />, {
      brief: (b) => ({ ...b, head: kept?.measures as Head }),
    });
    await waitFor(() => expect(screen.getByRole('button', { name: 'Kept with her' })).toBeTruthy());
    type('Round the head', '58');
    fireEvent.click(screen.getByRole('button', { name: 'Keep as her head of today' }));
    await waitFor(() => expect(requestsTo(`POST ${ofClient}/heads`)).toHaveLength(1));
    expect(requestsTo(`POST ${ofClient}/heads`)[0]?.body).toMatchObject({ roundMm: 580 });
    fireEvent.change(screen.getByLabelText('Taken down on'), { target: { value: kept?.id } });
    expect(bench.getState().brief.head).toEqual(kept?.measures);
  });

  it('says why a head could not be kept', async () => {
    serve({ [`POST ${ofClient}/heads`]: () => refusal(422, 'The head is wider than it is long.') });
    onBench(<HeadStep />);
    type('Round the head', '58');
    await waitFor(() => screen.getByText('not kept yet: as on the bench'));
    fireEvent.click(screen.getByRole('button', { name: 'Keep as her head of today' }));
    await waitFor(() =>
      expect(screen.getByRole('alert').textContent).toContain('wider than it is long'),
    );
  });
});
