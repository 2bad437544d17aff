import { useQuery } from '@tanstack/react-query';
import { FileDown } from 'lucide-react';
import { useState } from 'react';
import { api } from '../../../api/client';
import type { PaperSize } from '../../../api/types';
import { plural } from '../../../lib/time';
import { useLengths, usePrefs } from '../../../ui/prefs';
import { Switch } from '../../../ui/Switch';
import { useBench } from '../draft/useBench';
import { useSaid } from '../draft/useSaid';
import { StepFold } from '../steps/StepFold';

const SIZES: { value: PaperSize; words: string }[] = [
  { value: 'A4', words: 'A4' },
  { value: 'LETTER', words: 'Letter' },
];

const FOLD = 'head paper';

const KEY =
  'inline-flex min-h-10 items-center gap-1.5 rounded-md border border-edge bg-sheet px-3 hover:bg-well';

/** The head at its true size, to be cut out and taped: it shows where to part on a training head, or on her own. */
export function HeadInPaper() {
  const said = useSaid();
  // Laid out only for whoever looks.
  const isOpen = usePrefs((p) => p.folds[FOLD] === true);
  return (
    <StepFold id={FOLD} title={said('Her head in paper')} tells="1 : 1">
      {isOpen && <Sheets />}
    </StepFold>
  );
}

function Sheets() {
  const planId = useBench((b) => b.planId);
  const version = useBench((b) => b.version);
  const [size, setSize] = useState<PaperSize>('A4');
  const { sentence } = useLengths();
  const { data, error } = useQuery({
    queryKey: ['cap', planId, version, size],
    queryFn: () => api.cap(planId, size),
    retry: false,
  });
  const address = `/api/plans/${planId}/cap/sheets`;
  return (
    <>
      <p className="text-sm">
        Cut out, taped seam by seam and laid on, it shows where to part, to braid and to hook.
      </p>
      <Switch label="Paper" value={size} options={SIZES} onChoose={setSize} />
      {error && (
        <p role="alert" className="text-sm font-medium text-chalk">
          ✕ {error.message}
        </p>
      )}
      {!data && !error && (
        <p role="status" className="text-sm text-soft">
          Laying it out…
        </p>
      )}
      {data && (
        <>
          <a href={`${address}.pdf?size=${size}`} download className={KEY}>
            <FileDown size={16} aria-hidden /> All {plural(data.sheets, 'sheet')} (PDF)
          </a>
          <p className="flex flex-wrap items-center gap-1">
            <span className="mr-auto text-sm text-soft">each as SVG</span>
            {Array.from({ length: data.sheets }, (_, i) => (
              <a
                key={i}
                href={`${address}/${i + 1}.svg?size=${size}`}
                download
                className={KEY}
                aria-label={`Sheet ${i + 1} (SVG)`}
              >
                {i + 1}
              </a>
            ))}
          </p>
          <p className="text-sm text-soft">{sentence(data.told)}</p>
        </>
      )}
    </>
  );
}
