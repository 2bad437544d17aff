import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { PaperMenu } from './PaperMenu';

describe('PaperMenu', () => {
  it('offers every paper of the plan as a file', () => {
    render(<PaperMenu planId="p-1" isTight={false} />);
    fireEvent.click(screen.getByRole('button', { name: 'on paper' }));
    const papers = screen.getAllByRole('link').map((a) => a.getAttribute('href'));
    expect(papers).toEqual([
      ...['run-sheet', 'quote', 'aftercare', 'takedown'].map(
        (name) => `/api/plans/p-1/papers/${name}.pdf`,
      ),
      '/api/plans/p-1/drawing.svg',
      ...['BACK', 'TOP', 'LEFT', 'RIGHT', 'FRONT'].map(
        (sight) => `/api/plans/p-1/drawing.svg?sight=${sight}`,
      ),
      '/api/plans/p-1/stations.csv',
      '/api/plans/p-1/plan.json',
    ]);
    expect(screen.getAllByRole('link').every((a) => a.hasAttribute('download'))).toBe(true);
  });
});
