import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { MeasureWords } from '../api/types';
import { WithWords } from '../testing/onBench';
import { refusal, requestsTo, serve } from '../testing/server';
import { ByScale, ByTape, Labels } from '.';

const measure = (field: string, words: string, isRequired: boolean): MeasureWords => ({
  field,
  words,
  where: 'here',
  isRequired,
  limitsMm: { min: 1, max: 1000 },
});
const MEASURES = [
  measure('roundMm', 'round the head', true),
  measure('frontToNapeMm', 'front to nape', true),
  measure('napeWidthMm', 'nape width', false),
];

/** A tape of which tests say what it sends. */
function aTape() {
  const sent: { number: number; mm: number; trouble: object[] }[] = [];
  let isSilent = false;
  serve({
    'GET /api/outside/tape': (asked) => {
      if (isSilent) return refusal(503, 'The tape does not answer. Is it switched on?');
      const after = asked.query.get('after');
      return {
        last: sent.length,
        heard: after === null ? [] : sent.filter((s) => s.number > Number(after)),
      };
    },
  });
  return {
    send: (mm: number, trouble: object[] = []) =>
      sent.push({ number: sent.length + 1, mm, trouble }),
    silence: (is: boolean) => (isSilent = is),
  };
}

describe('a tape', () => {
  const taken: [string, number][] = [];
  const listen = async () => {
    taken.length = 0;
    render(
      <WithWords>
        <ByTape measures={MEASURES} onTaken={(field, mm) => taken.push([field, mm])} />
      </WithWords>,
    );
    fireEvent.click(screen.getByRole('button', { name: 'By the tape' }));
    await waitFor(() => expect(requestsTo('GET /api/outside/tape').length).toBeGreaterThan(0));
  };
  const next = (words: string) =>
    waitFor(() => expect(screen.getByRole('status').textContent).toContain(words));

  it('fills one measure after the other, and takes one once more', async () => {
    const tape = aTape();
    tape.send(123);
    await listen();
    await next('round the head');
    tape.send(565);
    await next('front to nape');
    tape.send(300);
    await next('nape width');
    fireEvent.click(screen.getByRole('button', { name: 'Once more' }));
    await next('front to nape');
    tape.send(360);
    await next('nape width');
    fireEvent.click(screen.getByRole('button', { name: 'Leave it out' }));
    await next('All of them are taken');
    // What it had sent before anybody listened is nobody's.
    expect(taken).toEqual([
      ['roundMm', 565],
      ['frontToNapeMm', 300],
      ['frontToNapeMm', 360],
    ]);
  });

  it('takes nothing down that cannot be, and goes on once it answers again', async () => {
    const tape = aTape();
    await listen();
    await next('round the head');
    tape.send(9999, [{ text: 'Take it once more.', kind: null, value: null }]);
    expect((await screen.findByRole('alert')).textContent).toContain('Take it once more.');
    expect(taken).toEqual([]);
    tape.silence(true);
    await waitFor(() =>
      expect(screen.getByRole('alert').textContent).toContain('Is it switched on?'),
    );
    tape.silence(false);
    tape.send(565);
    await next('front to nape');
    expect(screen.queryByRole('alert')).toBeNull();
    expect(taken).toEqual([['roundMm', 565]]);
  });
});

describe('a scale', () => {
  it('is read empty first, says what it is within, and gives a figure only at rest', async () => {
    let grams = 7;
    let isAtRest = true;
    serve({
      'GET /api/outside/scale': (asked) => {
        const empty = Number(asked.query.get('empty'));
        const likely = (grams - empty) / 4;
        return {
          grams,
          stepGrams: 0.5,
          isAtRest,
          loops: isAtRest ? { low: likely * 0.9, likely, high: likely * 1.1 } : null,
        };
      },
    });
    const weighed: number[] = [];
    render(
      <WithWords>
        <ByScale lineId="one" onWeighed={(loops) => weighed.push(loops)} />
      </WithWords>,
    );
    fireEvent.click(screen.getByRole('button', { name: 'By the scale' }));
    await screen.findByText('7 g');
    fireEvent.click(screen.getByRole('button', { name: 'This is empty' }));
    isAtRest = false;
    grams = 87;
    await waitFor(() => expect(screen.getByRole('status').textContent).toContain('Not at rest'));
    isAtRest = true;
    const take = await screen.findByRole('button', { name: 'Take 20' });
    expect(screen.getByRole('status').textContent).toContain('between 18 and 22');
    fireEvent.click(take);
    expect(weighed).toEqual([20]);
  });
});

describe('labels', () => {
  const label = (number: number) => ({
    number,
    of: 3,
    big: `${number} × half`,
    what: 'Moonglade Silk, ink',
    where: 'front',
    whose: 'Wren Ashdown',
  });

  it('go on where the roll ended', async () => {
    let isEnded = true;
    serve({
      'GET /api/plans/p/labels': () => [label(1), label(2), label(3)],
      'POST /api/plans/p/labels/1': () => label(1),
      'POST /api/plans/p/labels/2': () =>
        isEnded ? refusal(503, 'The roll of labels has ended.') : label(2),
      'POST /api/plans/p/labels/3': () => label(3),
    });
    render(
      <WithWords>
        <Labels planId="p" onClose={() => undefined} />
      </WithWords>,
    );
    const dialog = screen.getByRole('dialog');
    fireEvent.click(await within(dialog).findByRole('button', { name: 'Print 3 labels' }));
    expect((await within(dialog).findByRole('alert')).textContent).toContain('roll of labels');
    isEnded = false;
    fireEvent.click(within(dialog).getByRole('button', { name: 'Go on with label 2' }));
    expect((await within(dialog).findByText('All are out.')).textContent).toBeTruthy();
    expect(requestsTo('POST /api/plans/p/labels/1')).toHaveLength(1);
    expect(requestsTo('POST /api/plans/p/labels/2')).toHaveLength(2);
  });
});
