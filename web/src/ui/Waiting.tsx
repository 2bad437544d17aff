import { Square } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Button } from './Button';

const SECOND = 1000;

/** Something that takes as long as it takes: that it goes on, for how long it has, and how to end it where that loses nothing. */
export function Waiting({ words, onStop }: { words: string; onStop?: () => void }) {
  const [seconds, setSeconds] = useState(0);
  useEffect(() => {
    const tick = setInterval(() => setSeconds((s) => s + 1), SECOND);
    return () => clearInterval(tick);
  }, []);
  return (
    <span role="status" className="inline-flex min-h-8 items-center gap-2 text-sm">
      <span aria-hidden className="h-2 w-16 overflow-hidden rounded-full bg-well">
        <span className="block h-full w-1/3 animate-[to-and-fro_1.2s_ease-in-out_infinite_alternate] rounded-full bg-thread motion-reduce:animate-none" />
      </span>
      {words}…{seconds > 0 && ` ${seconds} s`}
      {onStop && seconds > 0 && (
        <Button onClick={onStop}>
          <Square size={14} aria-hidden /> Stop
        </Button>
      )}
    </span>
  );
}
