import { fireEvent, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { onBench, said, sample } from '../../../testing/onBench';
import { refusal, requestsTo, serve } from '../../../testing/server';
import { usePrefs } from '../../../ui/prefs';
import { HeadInPaper } from './HeadInPaper';

const CAP = `GET /api/plans/${sample.savedPlan.id}/cap`;

beforeEach(() => usePrefs.getState().set({ folds: {} }));

describe('her head in paper', () => {
  it('is laid out for whoever looks, sheet by sheet and all in one', async () => {
    serve({ [CAP]: () => ({ sheets: 3, told: said('Seams are as long as on the head.') }) });
    onBench(<HeadInPaper />);
    expect(requestsTo(CAP)).toHaveLength(0);
    usePrefs.getState().set({ folds: { 'head paper': true } });
    const all = await screen.findByRole('link', { name: 'All 3 sheets (PDF)' });
    expect(all.getAttribute('href')).toBe(
      `/api/plans/${sample.savedPlan.id}/cap/sheets.pdf?size=A4`,
    );
    expect(screen.getAllByRole('link', { name: /SVG/ })).toHaveLength(3);
    expect(screen.getByText('Seams are as long as on the head.')).toBeTruthy();
    fireEvent.click(screen.getByRole('radio', { name: 'Letter' }));
    expect(
      (await screen.findByRole('link', { name: 'Sheet 3 (SVG)' })).getAttribute('href'),
    ).toContain('/3.svg?size=LETTER');
  });

  it('says why there is none', async () => {
    serve({ [CAP]: () => refusal(422, 'The rows do not fit on this head.') });
    usePrefs.getState().set({ folds: { 'head paper': true } });
    onBench(<HeadInPaper />);
    expect((await screen.findByRole('alert')).textContent).toContain('do not fit');
  });
});
