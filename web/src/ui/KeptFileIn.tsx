import { FileFaults, FileIn } from './FileIn';

interface ReadKept {
  isKept: boolean;
  name: string;
  words: string;
  faults: { place: string; reason: string }[];
}

interface Props {
  words: string;
  label: string;
  read: (file: File, keep: boolean, signal: AbortSignal) => Promise<ReadKept>;
  /** What is to be minded before it is kept. */
  mind?: string;
  offer: string;
  done: string;
}

/** Something that was kept and went out as a file, taken in again. */
export function KeptFileIn(props: Props) {
  return (
    <FileIn
      words={props.words}
      label={props.label}
      accept=".json,application/json"
      read={props.read}
      title={(name) => `Take in ${name}`}
      told={(read) =>
        read.faults.length > 0 ? (
          <FileFaults faults={read.faults.map((f) => ({ where: f.place, reason: f.reason }))} />
        ) : (
          <>
            <p className="font-semibold">{read.name}</p>
            <p>{read.words}</p>
            {props.mind && <p className="mt-1 text-sm text-soft">{props.mind}</p>}
          </>
        )
      }
      changes={() => 1}
      offer={() => props.offer}
      done={() => props.done}
    />
  );
}
