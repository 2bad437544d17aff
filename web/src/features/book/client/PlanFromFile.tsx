import { api } from '../../../api/client';
import { KeptFileIn } from '../../../ui/KeptFileIn';

/** A plan that went out as a file, taken in for a client. */
export function PlanFromFile({ clientId }: { clientId: string }) {
  return (
    <KeptFileIn
      words="from a file"
      label="Plan to take in"
      read={(file, keep, signal) => api.planFile(clientId, file, keep, signal)}
      mind="With the head that stands in the file; measure again before you work by it."
      offer="Keep this plan"
      done="The plan was taken in."
    />
  );
}

/** A worksheet that was frozen elsewhere, to be worked here. */
export function SheetFromFile({ clientId }: { clientId: string }) {
  return (
    <KeptFileIn
      words="worksheet from a file"
      label="Worksheet to take in"
      read={(file, keep, signal) => api.sheetFile(clientId, file, keep, signal)}
      mind="It stands among the visits of today and is worked as it was frozen."
      offer="Take it to the chair"
      done="The worksheet stands among the visits of today."
    />
  );
}
