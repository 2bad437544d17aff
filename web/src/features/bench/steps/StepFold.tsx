import type { ComponentProps } from 'react';
import { Fold } from '../../../ui/Fold';
import { useBench, useComputed } from '../draft/useBench';

/** A fold of a step, open while something that is entered in it cannot be used. */
export function StepFold({
  fields = [],
  ...rest
}: Omit<ComponentProps<typeof Fold>, 'isForced'> & {
  /** What is entered in it: paths of the brief, or how they begin. */
  fields?: readonly string[];
}) {
  const { problem } = useComputed();
  const texts = useBench((b) => b.texts);
  const wrong = [...(problem?.fields.map((f) => f.field) ?? []), ...Object.keys(texts)];
  return <Fold {...rest} isForced={wrong.some((w) => fields.some((f) => w.startsWith(f)))} />;
}
