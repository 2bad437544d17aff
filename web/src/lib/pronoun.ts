export type Pronoun = 'SHE' | 'HE' | 'THEY' | 'YOU';

interface Forms {
  subject: string;
  object: string;
  possessive: string;
  own: string;
  self: string;
}

const FORMS: Record<Exclude<Pronoun, 'SHE'>, Forms> = {
  HE: { subject: 'he', object: 'him', possessive: 'his', own: 'his', self: 'himself' },
  THEY: {
    subject: 'they',
    object: 'them',
    possessive: 'their',
    own: 'theirs',
    self: 'themselves',
  },
  YOU: { subject: 'you', object: 'you', possessive: 'your', own: 'yours', self: 'yourself' },
};

/** "She" with its verb, every form of the pronoun alone, and "her" before a noun. */
const SPOKEN_OF =
  /\b([Ss])he ([a-z]+)\b|\b([Ss])he\b|\b([Hh])erself\b|\b([Hh])ers\b|\b([Hh])er(?= [a-z0-9])|\b([Hh])er\b/g;

/** Before "she" in a question: "is she" becomes "are they". */
const ASKED = /\b([Ii]s|[Hh]as|[Dd]oes) she\b/g;

const VERBS: Record<string, string> = {
  is: 'are',
  was: 'were',
  has: 'have',
  does: 'do',
  itches: 'itch',
  washes: 'wash',
  goes: 'go',
};

/**
 * The page's own words, which are written of a woman, said of whoever the plan is for, and to her who works on herself. What the
 * server tells comes said already, by the same rules.
 */
export function said(words: string, pronoun: Pronoun): string {
  if (pronoun === 'SHE') return words;
  const forms = FORMS[pronoun];
  const verb = (v: string) => {
    if (pronoun === 'HE') return v;
    return VERBS[v] ?? (v.endsWith('s') && !v.endsWith('ss') ? v.slice(0, -1) : v);
  };
  return words
    .replace(ASKED, (_, v: string) => `${like(v, verb(v.toLowerCase()))} ${forms.subject}`)
    .replace(SPOKEN_OF, (whole, ...groups: (string | undefined)[]) => {
      const [withVerb, v, alone, self, own, possessive] = groups;
      if (withVerb) return `${like(withVerb, forms.subject)} ${verb(v ?? '')}`;
      if (alone) return like(alone, forms.subject);
      if (self) return like(self, forms.self);
      if (own) return like(own, forms.own);
      if (possessive) return like(possessive, forms.possessive);
      return like(whole, forms.object);
    });
}

const like = (first: string, word: string): string =>
  first.charAt(0) === first.charAt(0).toUpperCase()
    ? word.charAt(0).toUpperCase() + word.slice(1)
    : word;
