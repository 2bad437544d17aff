import { said } from '../../../lib/pronoun';
import { spelt } from '../../../lib/english';
import { usePrefs } from '../../../ui/prefs';
import { useBench } from './useBench';

/** Says the page's own words of whoever the plan is for, in the studio's English. */
export function useSaid(): (words: string) => string {
  const english = usePrefs((p) => p.english);
  const pronoun = useBench((b) =>
    b.brief.installer === 'SELF' ? 'YOU' : (b.brief.consultation.pronoun ?? 'SHE'),
  );
  return (words) => spelt(said(words, pronoun), english);
}
