import { Maximize2, ZoomIn, ZoomOut } from 'lucide-react';
import type { ReactNode } from 'react';

interface Props {
  isWhole: boolean;
  onWhole: () => void;
  onNearer: (by: number) => void;
}

const STEP = 1.5;

/** Nearer, further, and back to the whole head in one touch. */
export function MapKeys({ isWhole, onWhole, onNearer }: Props) {
  return (
    <div
      className="flex rounded-md border border-edge bg-sheet shadow-sm"
      role="group"
      aria-label="Look into the map"
    >
      {!isWhole && (
        <>
          <MapKey words="whole head" onPress={onWhole}>
            <Maximize2 size={16} aria-hidden /> <span className="pr-1 text-sm">whole head</span>
          </MapKey>
          <MapKey words="further" onPress={() => onNearer(1 / STEP)}>
            <ZoomOut size={16} aria-hidden />
          </MapKey>
        </>
      )}
      <MapKey words="nearer" onPress={() => onNearer(STEP)}>
        <ZoomIn size={16} aria-hidden />
      </MapKey>
    </div>
  );
}

function MapKey(props: { words: string; onPress: () => void; children: ReactNode }) {
  return (
    <button
      type="button"
      aria-label={props.words}
      title={props.words}
      onClick={props.onPress}
      className="flex min-h-9 min-w-9 items-center justify-center gap-1.5 px-2 hover:bg-well not-first:border-l not-first:border-line"
    >
      {props.children}
    </button>
  );
}
