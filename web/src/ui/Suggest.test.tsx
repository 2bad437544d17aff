import { act, fireEvent, render, screen } from '@testing-library/react';
import { beforeEach, expect, it, vi } from 'vitest';
import { Suggest } from './Suggest';

const taken = vi.fn<(one: string) => void>();

beforeEach(() => taken.mockClear());

const field = (text: string, found: readonly string[], isBehind: boolean) => (
  <Suggest
    aria-label="Who"
    text={text}
    onText={vi.fn()}
    found={found}
    isBehind={isBehind}
    keyOf={(one) => one}
    onChoose={taken}
    empty={found.length === 0 && 'Nobody'}
    listLabel="Found"
    listId="found"
    listClass=""
  >
    {(one) => one}
  </Suggest>
);

const enter = () => fireEvent.keyDown(screen.getByLabelText('Who'), { key: 'Enter' });

it('takes at Enter what fits now, and not what fitted before', () => {
  const { rerender } = render(field('od', ['Oda', 'Odalys'], true));
  act(() => screen.getByLabelText('Who').focus());
  enter();
  expect(taken).not.toHaveBeenCalled();
  rerender(field('od', ['Odalys'], false));
  expect(taken.mock.calls).toEqual([['Odalys']]);
  rerender(field('od', ['Odalys', 'Odette'], false));
  expect(taken).toHaveBeenCalledTimes(1);
});

it('takes nothing when nobody fits, or when more is typed after Enter', () => {
  const { rerender } = render(field('od', ['Oda'], true));
  act(() => screen.getByLabelText('Who').focus());
  enter();
  rerender(field('odx', [], false));
  expect(screen.getByText('Nobody')).toBeTruthy();
  rerender(field('od', ['Oda'], true));
  enter();
  fireEvent.change(screen.getByLabelText('Who'), { target: { value: 'oda' } });
  rerender(field('oda', ['Oda'], false));
  expect(taken).not.toHaveBeenCalled();
  enter();
  expect(taken.mock.calls).toEqual([['Oda']]);
});
