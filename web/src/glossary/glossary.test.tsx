import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import { glossed } from './find';
import { GLOSSARY, GROUPS } from './glossary';
import { Glossed } from './Term';
import { WordsPage } from './WordsPage';

describe('the glossary', () => {
  it('has each word once, in a group that there is', () => {
    const ids = GLOSSARY.map((e) => e.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(new Set(GLOSSARY.map((e) => e.term)).size).toBe(ids.length);
    for (const e of GLOSSARY) {
      expect(GROUPS).toContain(e.group);
      expect(e.meaning).toMatch(/\.$/);
    }
  });

  it('tells words apart in a sentence, the longer before the shorter, each once', () => {
    const words = (s: string) =>
      glossed(s).flatMap((x) => (x.entry ? [`${x.text}=${x.entry.id}`] : []));
    expect(words('Front row 7 is fed into level row 2, and level row 2 holds.')).toEqual([
      'Front row=row',
      'fed into=fed',
      'level row=level-row',
    ]);
    expect(words('Two passes, then another pass.')).toEqual(['passes=passes']);
    expect(words('Part and braid, then try each part.')).toEqual(['part=wearing-part']);
    expect(words('A tailor borrows nothing.')).toEqual([]);
  });

  it('loses nothing of a sentence', () => {
    for (const s of [
      'Fills, tails.',
      'row',
      '',
      'No word of it.',
      ...GLOSSARY.map((e) => e.meaning),
    ]) {
      expect(
        glossed(s)
          .map((x) => x.text)
          .join(''),
      ).toBe(s);
    }
  });

  it('tells what a word means where it stands', async () => {
    render(
      <MemoryRouter>
        <p>
          <Glossed>A collector row takes them in.</Glossed>
        </p>
      </MemoryRouter>,
    );
    fireEvent.click(screen.getByRole('button', { name: 'collector row' }));
    const told = await screen.findByRole('dialog', { name: 'collector row' });
    expect(told.textContent).toContain('leaves one loose end');
    expect(screen.getByRole('link', { name: 'all words' }).getAttribute('href')).toBe(
      '/practice/words#collector-row',
    );
  });

  it('finds a word by what is written of it', () => {
    render(
      <MemoryRouter>
        <WordsPage />
      </MemoryRouter>,
    );
    const field = screen.getByRole('searchbox', { name: 'Find a word' });
    fireEvent.change(field, { target: { value: 'single-leg' } });
    expect(screen.getAllByRole('term').map((t) => t.textContent)).toEqual(['invisible']);
    fireEvent.change(field, { target: { value: 'zzz' } });
    expect(screen.getByRole('status').textContent).toContain('zzz');
  });
});
