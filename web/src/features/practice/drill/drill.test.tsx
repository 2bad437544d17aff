import { fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { said, sample, WithWords } from '../../../testing/onBench';
import { refusal, requestsTo, serve } from '../../../testing/server';
import { DrillPage } from './DrillPage';

const KINDS = [{ kind: 'CUT', words: 'Tail or fibre', task: 'Touch whatever may be cut.' }];

const drill = (ask: object, over: object = {}) => ({
  kind: 'CUT',
  words: 'Tail or fibre',
  task: 'Touch whatever may be cut.',
  level: 2,
  seed: 7,
  question: said('Which of these may be cut?'),
  shows: 'ROWS',
  ask: { form: 'PICK', choices: [], isOne: false, aim: null, number: null, numbers: [], ...ask },
  head: sample.answer.drawn,
  cover: null,
  ...over,
});

const CHOICES = [
  { id: 'share F3/5', words: 'two legs from one knot', row: 'F3', x: -50, y: 80, seen: null },
  { id: 'tail F1', words: 'one end with no knot', row: 'F1', x: -90, y: 30, seen: null },
];

const show = (asked: object, verdict: unknown = {}) => {
  serve({
    'GET /api/practice/drills': () => KINDS,
    'GET /api/practice/drills/CUT': () => asked,
    'POST /api/practice/drills/CUT/judged': () => verdict,
  });
  render(
    <WithWords>
      <MemoryRouter initialEntries={['/practice/drill/CUT?level=2&seed=7']}>
        <Routes>
          <Route path="/practice" element={<p>all drills</p>} />
          <Route path="/practice/drill/:kind" element={<DrillPage />} />
        </Routes>
      </MemoryRouter>
    </WithWords>,
  );
};

const verdict = (over: object) => ({
  isRight: false,
  scorePercent: 50,
  reason: said('It is her own hair.'),
  towardRad: null,
  ids: null,
  number: null,
  numbers: null,
  lies: [],
  ...over,
});

const answer = () => screen.findByRole('button', { name: 'Answer' });

describe('a drill', () => {
  it('is answered on the map or beside it, and says what was right and why', async () => {
    show(drill({ choices: CHOICES }), verdict({ ids: ['share F3/5'] }));
    expect((await answer()).hasAttribute('disabled')).toBe(true);
    fireEvent.keyDown(screen.getByRole('button', { name: 'B: one end with no knot' }), {
      key: 'Enter',
    });
    fireEvent.click(await answer());
    expect(await screen.findByText('✕ Not so')).toBeTruthy();
    expect(screen.getByText('It is her own hair.')).toBeTruthy();
    const list = screen.getByRole('list', { name: 'What can be chosen' });
    const [right, wrong] = within(list).getAllByRole('listitem');
    expect(right?.textContent).toContain('this one, too');
    expect(wrong?.textContent).toContain('wrong');
    expect(requestsTo('POST /api/practice/drills/CUT/judged')[0]?.body).toMatchObject({
      level: 2,
      seed: 7,
      ids: ['tail F1'],
    });
    expect(screen.getByText(/right of 1/).textContent).toBe('0 right of 1');
  });

  it('is aimed with the arrow keys', async () => {
    show(
      drill({ form: 'AIM', aim: { x: -50, y: 80, row: 'F3' } }),
      verdict({ isRight: true, towardRad: Math.PI }),
    );
    await answer();
    const barb = screen.getByRole('slider');
    expect(barb.getAttribute('aria-valuetext')).toBe('not aimed yet');
    fireEvent.keyDown(barb, { key: 'ArrowDown' });
    fireEvent.keyDown(barb, { key: 'ArrowRight' });
    expect(barb.getAttribute('aria-valuetext')).toBe('to the back');
    fireEvent.click(await answer());
    expect(await screen.findByText('✓ Right')).toBeTruthy();
    const [asked] = requestsTo('POST /api/practice/drills/CUT/judged');
    const { towardRad } = asked?.body as { towardRad: number };
    expect(towardRad).toBeCloseTo(-Math.PI + Math.PI / 12);
  });

  it('shows how the hair lies as it was hooked, beside how it should', async () => {
    const lie = (x: number) => ({ line: [-50, 80, x, 60], knotX: -50, knotY: 87 });
    show(
      drill({ form: 'AIM', aim: { x: -50, y: 80, row: 'F3' } }),
      verdict({ towardRad: Math.PI, lies: [lie(-60), lie(-20)] }),
    );
    await answer();
    fireEvent.keyDown(screen.getByRole('slider'), { key: 'ArrowUp' });
    fireEvent.click(await answer());
    await screen.findByText('✕ Not so');
    const hair = [...document.querySelectorAll('[data-hair]')];
    expect(hair.map((h) => h.getAttribute('data-hair'))).toEqual(['right', 'yours']);
    expect(hair[0]?.innerHTML).not.toBe(hair[1]?.innerHTML);
  });

  it('is cut in turn, each thread told by its picture', async () => {
    const seen = [
      {
        ...CHOICES[0],
        words: 'on front row 3',
        seen: 'LEGS_FROM_A_KNOT',
        seenWords: 'two legs from one knot on the row',
      },
      { ...CHOICES[1], words: 'on front row 1', seen: 'LOOSE_END', seenWords: 'one loose end' },
    ];
    show(drill({ form: 'TURNS', choices: seen }), verdict({ ids: ['share F3/5'] }));
    await answer();
    const list = screen.getByRole('list', { name: 'What can be chosen in turn' });
    expect(
      within(list).getByRole('img', { name: 'two legs from one knot on the row' }),
    ).toBeTruthy();
    const [, tail] = within(list).getAllByRole('button');
    if (tail) fireEvent.click(tail);
    fireEvent.click(await answer());
    expect((await screen.findByText(/One order that works/)).textContent).toContain('A');
    const [right, wrong] = within(list).getAllByRole('listitem');
    expect(right?.textContent).toContain('this one, too');
    expect(wrong?.textContent).toContain('wrong');
  });

  it('takes a number for each place, and none before all are set', async () => {
    const gauge = (words: string) => ({ words, min: 5, max: 40, step: 1, unit: 'mm' });
    show(
      drill({ form: 'NUMBERS', numbers: [gauge('front, a half'), gauge('nape, whole loop')] }),
      verdict({ numbers: [12, 30] }),
    );
    const key = await answer();
    fireEvent.click(screen.getByRole('button', { name: 'wider: front, a half' }));
    expect(key.hasAttribute('disabled')).toBe(true);
    fireEvent.click(screen.getByRole('button', { name: 'closer: nape, whole loop' }));
    fireEvent.click(screen.getByRole('button', { name: 'closer: nape, whole loop' }));
    expect(screen.getByLabelText('nape, whole loop: 2.2 cm')).toBeTruthy();
    fireEvent.click(await answer());
    expect((await screen.findAllByText(/planned:/)).map((p) => p.textContent)).toEqual([
      'planned: 1.2 cm',
      'planned: 3.0 cm',
    ]);
    expect(requestsTo('POST /api/practice/drills/CUT/judged')[0]?.body).toMatchObject({
      numbers: [23, 22],
    });
  });

  it('is put in order by touching one after the other', async () => {
    show(drill({ form: 'ORDER', choices: CHOICES }), verdict({ ids: ['tail F1', 'share F3/5'] }));
    await answer();
    const list = screen.getByRole('list', { name: 'What is put in order' });
    for (const row of within(list).getAllByRole('button')) fireEvent.click(row);
    fireEvent.click(await answer());
    expect((await screen.findByText(/One order that works/)).textContent).toContain(
      'one end with no knot, two legs from one knot',
    );
  });

  it('asks for a number within its limits, in words alone where there is no head', async () => {
    show(
      drill(
        { form: 'NUMBER', number: { min: 1, max: 60, step: 1, unit: 'packs' } },
        { head: null },
      ),
      verdict({ number: 9 }),
    );
    await answer();
    expect(screen.queryByRole('group', { name: 'The head of this drill' })).toBeNull();
    const number = screen.getByRole<HTMLInputElement>('spinbutton', { name: 'packs' });
    fireEvent.change(number, { target: { value: '99' } });
    expect(number.value).toBe('60');
    fireEvent.click(screen.getByRole('button', { name: 'less: packs' }));
    expect(number.value).toBe('59');
    fireEvent.click(await answer());
    expect((await screen.findByText(/planned:/)).textContent).toContain('9');
  });

  it('keeps what was answered when it could not be judged', async () => {
    show(drill({ choices: CHOICES }), refusal(503, 'The server is away.'));
    fireEvent.click(
      within(await screen.findByRole('list', { name: 'What can be chosen' })).getAllByRole(
        'button',
      )[0] as HTMLElement,
    );
    fireEvent.click(await answer());
    expect((await screen.findByRole('alert')).textContent).toContain('The server is away.');
    const chosen = screen.getByRole('button', { name: 'A: two legs from one knot' });
    expect(chosen.getAttribute('aria-pressed')).toBe('true');
  });
});
