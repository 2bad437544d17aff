import { useEffect } from 'react';
import type { SheetStep } from '../../api/types';
import { useLengths } from '../../ui/prefs';
import { useChairPrefs } from './chairPrefs';

/** Reads the next step aloud by the browser's own voice, if that is wished. */
export function useSpoken(step: SheetStep | undefined) {
  const isSpoken = useChairPrefs((p) => p.isSpoken);
  const { sentence } = useLengths();
  const words = step ? sentence(step.words) : '';
  useEffect(() => {
    if (!isSpoken || !words || !('speechSynthesis' in window)) return;
    window.speechSynthesis.cancel();
    const said = new SpeechSynthesisUtterance(words);
    said.lang = 'en';
    window.speechSynthesis.speak(said);
    return () => window.speechSynthesis.cancel();
  }, [isSpoken, words]);
}
