import type { Piece } from '../lib/sentence';
import { LengthField } from './LengthField';
import { useLengths } from './prefs';

/** A measure as the server tells of it. */
interface Measure {
  field: string;
  words: string;
  where: string;
  isRequired: boolean;
}

interface Reading {
  field: string;
  tapeMm: number;
  isEstimated: boolean;
}

/** What is wrong with one of them. */
interface Refused {
  message: string;
  min: number | null;
  max: number | null;
  words: Piece[];
}

interface Props<F extends string> {
  measures: Measure[];
  values: Partial<Record<F, number | null>>;
  onChange: (field: F, mm: number | null) => void;
  /** What the fitted head makes of the measures, where one is fitted. */
  readings?: Reading[];
  unread: (field: F) => string | undefined;
  onUnread: (field: F, text: string | undefined) => void;
  refused: (field: F) => Refused | undefined;
  isRow?: boolean;
}

/** The tape measures of a head, wherever they are taken down; those left empty are estimated, and said to be. */
export function MeasureFields<F extends string>(props: Props<F>) {
  const { measures, values, onChange, readings = [], unread, onUnread, refused, isRow } = props;
  const lengths = useLengths();
  return measures.map((m) => {
    const field = m.field as F;
    const value = values[field] ?? null;
    const reading = readings.find((r) => r.field === field);
    const isEstimated = value === null && reading?.isEstimated === true;
    const label = m.words.charAt(0).toUpperCase() + m.words.slice(1);
    const problem = refused(field);
    return (
      <LengthField
        key={field}
        isRow={isRow ?? false}
        isNeeded={m.isRequired}
        label={label}
        value={value}
        onChange={(mm) => onChange(field, mm)}
        unread={unread(field)}
        onUnread={(text) => onUnread(field, text)}
        error={problem && said(label, problem, lengths)}
        hint={isEstimated ? 'estimated from the others' : m.where}
        placeholder={
          isEstimated
            ? `about ${lengths.parts(reading.tapeMm).figure}`
            : m.isRequired || readings.length > 0
              ? ''
              : 'estimated'
        }
      />
    );
  });
}

/** A range is said in the reader's unit. */
function said(label: string, problem: Refused, lengths: ReturnType<typeof useLengths>): string {
  if (problem.min !== null && problem.max !== null)
    return `${label} must be ${lengths.sayRange(problem.min, problem.max)}.`;
  return lengths.told(problem);
}
