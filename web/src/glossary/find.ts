import { GLOSSARY, type Entry } from './glossary';

const BY_FORM = new Map<string, Entry>();
for (const e of GLOSSARY) {
  for (const form of [e.term, ...(e.forms ?? [])]) {
    BY_FORM.set(form, e);
    if (!form.endsWith('s')) BY_FORM.set(`${form}s`, e);
  }
}

const BY_ID = new Map(GLOSSARY.map((e) => [e.id, e]));

/**
 * The word of that name.
 *
 * @throws Error if there is none
 */
export function entryOf(id: string): Entry {
  const entry = BY_ID.get(id);
  if (!entry) throw new Error(`no word of the trade is known as ${id}`);
  return entry;
}

// Longer words first, so that a level row is not taken for a row.
const ANY = new RegExp(
  `\\b(${[...BY_FORM.keys()].sort((a, b) => b.length - a.length).join('|')})\\b`,
  'giu',
);

/** Some text of a sentence, and the word of the trade that it is, if it is one. */
export interface Stretch {
  text: string;
  entry?: Entry;
}

/** A sentence cut where words of the trade stand in it, each told apart the first time alone. */
export function glossed(sentence: string): Stretch[] {
  const stretches: Stretch[] = [];
  const told = new Set<string>();
  let from = 0;
  for (const found of sentence.matchAll(ANY)) {
    const entry = BY_FORM.get(found[0].toLowerCase());
    if (!entry || told.has(entry.id)) continue;
    const end = found.index + found[0].length;
    if (entry.unlessBefore && sentence.startsWith(entry.unlessBefore, end)) continue;
    told.add(entry.id);
    if (found.index > from) stretches.push({ text: sentence.slice(from, found.index) });
    stretches.push({ text: found[0], entry });
    from = end;
  }
  if (from < sentence.length) stretches.push({ text: sentence.slice(from) });
  return stretches;
}
