import { api } from '../../../api/client';
import { FileFaults, FileIn } from '../../../ui/FileIn';

/** A plan that went out as a file, taken in for a client. */
export function PlanFromFile({ clientId }: { clientId: string }) {
  return (
    <FileIn
      words="from a file"
      label="Plan to take in"
      accept=".json,application/json"
      read={(file, keep) => api.planFile(clientId, file, keep)}
      title={(name) => `Take in ${name}`}
      told={(read) =>
        read.faults.length > 0 ? (
          <FileFaults faults={read.faults.map((f) => ({ where: f.place, reason: f.reason }))} />
        ) : (
          <>
            <p className="font-semibold">{read.name}</p>
            <p>{read.words}</p>
            <p className="mt-1 text-sm text-soft">
              With the head that stands in the file; measure again before you work by it.
            </p>
          </>
        )
      }
      changes={() => 1}
      offer={() => 'Keep this plan'}
      done={() => 'The plan was taken in.'}
    />
  );
}
