import { describe, expect, it } from 'vitest';
import samples from '../testing/pronouns.json';
import { spelt, speltThroughout } from './english';
import { said, type Pronoun } from './pronoun';

describe('said', () => {
  it.each(samples)('says "$SHE" of everybody as the server does', (sample) => {
    for (const pronoun of ['SHE', 'HE', 'THEY', 'YOU'] as Pronoun[]) {
      expect(said(sample.SHE, pronoun)).toBe(sample[pronoun]);
    }
  });

  it('asks about everybody', () => {
    expect(said('How old is she?', 'HE')).toBe('How old is he?');
    expect(said('How old is she?', 'THEY')).toBe('How old are they?');
    expect(said('Is she a child?', 'YOU')).toBe('Are you a child?');
  });
});

describe('spelt', () => {
  it('speaks the studio’s English', () => {
    expect(spelt('She wants a fringe; thread of another colour, a little fibre.', 'US')).toBe(
      'She wants bangs; thread of another color, a little fiber.',
    );
    expect(spelt('A fringe: mind the eyes', 'US')).toBe('Bangs: mind the eyes');
    expect(spelt('the fringe', 'GB')).toBe('the fringe');
  });

  it('leaves keys and codes alone', () => {
    const words = { habits: [{ value: 'FRINGE', words: 'a fringe' }], colour: 3, none: null };
    expect(speltThroughout(words, 'US')).toEqual({
      habits: [{ value: 'FRINGE', words: 'bangs' }],
      colour: 3,
      none: null,
    });
    expect(speltThroughout(words, 'GB')).toBe(words);
  });
});
