import { useSpelt } from '../../../ui/prefs';
import { Dialog } from 'radix-ui';
import { X } from 'lucide-react';
import { useRef, useState, type ReactNode } from 'react';
import { useChairPrefs } from '../chairPrefs';
import { isHooked, nextSteps, runningStage, shownMs } from '../visit/fold';
import { stage } from '../visit/visitEvent';
import type { Shown, VisitStore } from '../visit/visitStore';
import { LeaveBar } from '../../../ui/LeaveBar';
import { Big } from './Big';
import { CountForm, HereOnForm, NoteForm, OpenedForm, OtherHairForm, PickShare } from './forms';
import { useWords, wordOf } from '../../../words';

interface Props {
  isOpen: boolean;
  onClose: () => void;
  shown: Shown;
  store: VisitStore;
  onKeys: () => void;
  onUndo: () => void;
}

type Leaf = 'here on' | 'slipped' | 'opened' | 'left' | 'other hair' | 'note';

/** Everything else that may happen, behind one key and with targets for wet hands. */
export function Drawer({ isOpen, onClose, ...rest }: Props) {
  const spelt = useSpelt();
  const [leaf, setLeaf] = useState<Leaf>();
  const [hasEntries, setEntries] = useState(false);
  const [isAsking, setAsking] = useState(false);
  const close = () => {
    setLeaf(undefined);
    setEntries(false);
    setAsking(false);
    onClose();
  };
  const leave = () => {
    if (hasEntries && !isAsking) setAsking(true);
    else close();
  };
  return (
    <Dialog.Root open={isOpen} onOpenChange={(open) => !open && leave()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-black/50" />
        <Dialog.Content
          aria-describedby={undefined}
          onInput={() => setEntries(true)}
          className="fixed inset-y-0 right-0 z-30 flex w-[min(100vw,26rem)] flex-col gap-3 overflow-y-auto border-l border-edge bg-sheet p-4"
        >
          <div className="flex items-center justify-between">
            <Dialog.Title className="text-xl font-semibold">
              {leaf ? spelt(TITLES[leaf]) : 'What happened?'}
            </Dialog.Title>
            <Dialog.Close
              aria-label="Close"
              className="grid size-12 place-items-center rounded hover:bg-well"
            >
              <X size={24} />
            </Dialog.Close>
          </div>
          {leaf ? (
            <Leaves leaf={leaf} close={close} {...rest} />
          ) : (
            <All open={setLeaf} close={close} {...rest} />
          )}
          {isAsking && <LeaveBar onStay={() => setAsking(false)} onLeave={close} />}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

const TITLES: Record<Leaf, string> = {
  'here on': 'From here on',
  slipped: 'Which one slipped?',
  opened: 'A bundle is opened',
  left: 'What is left',
  'other hair': 'Another hair or colour',
  note: 'A note',
};

interface AllProps extends Omit<Props, 'isOpen' | 'onClose'> {
  open: (leaf: Leaf) => void;
  close: () => void;
}

function All({ shown, store, open, close, onKeys, onUndo }: AllProps) {
  const { stages } = useWords();
  const prefs = useChairPrefs();
  const spelt = useSpelt();
  const file = useRef<HTMLInputElement>(null);
  const { visit, state } = shown;
  if (!visit || !state) return null;
  const step = nextSteps(visit.sheet, state)[0];
  const row = step?.rows.length === 1 ? step.rows[0] : undefined;
  const isKept = row !== undefined && state.kept.has(row);
  const record = (...events: Parameters<VisitStore['record']>[0]) => {
    void store.record(events);
    close();
  };
  const running = runningStage(state);
  return (
    <>
      <Group name="The hair">
        <Big onClick={() => open('here on')}>Another knot, passes or share from here on</Big>
        <Big onClick={() => open('slipped')} disabled={![...state.shares.values()].some(isHooked)}>
          Something slipped
        </Big>
        <Big onClick={() => open('opened')}>Opened a bundle</Big>
        <Big onClick={() => open('left')}>Counted what is left</Big>
        <Big onClick={() => open('other hair')}>{spelt('Took another hair or colour')}</Big>
      </Group>
      <Group name="This row">
        {row ? (
          <Big onClick={() => record({ kind: isKept ? 'ROW_RELEASED' : 'ROW_KEPT', row })}>
            {isKept ? `Work row ${row} now` : `Keep row ${row} for a part`}
          </Big>
        ) : (
          <p className="text-soft">No single row is in hand.</p>
        )}
      </Group>
      <Group name="To remember">
        <Big onClick={() => open('note')}>Note</Big>
        <Big onClick={() => file.current?.click()}>Picture</Big>
        <input
          ref={file}
          type="file"
          accept="image/png,image/jpeg"
          capture="environment"
          aria-label="Picture"
          className="sr-only"
          onChange={(e) => {
            const taken = e.target.files?.[0];
            if (taken) void store.picture(taken, (id) => ({ kind: 'PICTURED', picture: id }));
            close();
          }}
        />
        <Big
          onClick={() => {
            onUndo();
            close();
          }}
        >
          Undo whatever came last
        </Big>
      </Group>
      <Group name="The clock">
        {[...state.stages].map(([of, t]) => (
          <Big
            key={of}
            onClick={() => record(stage(of === running ? 'STAGE_PAUSED' : 'STAGE_RESUMED', of))}
          >
            <span className="mr-auto">
              {of === running ? 'Pause' : 'Go on with'} {wordOf(stages, of)}
            </span>
            <span className="text-soft">
              {Math.round(shownMs(t, state.lastAt ?? 0) / 60_000)} min
            </span>
          </Big>
        ))}
      </Group>
      <Group name="This device">
        <Big aria-pressed={prefs.isEach} onClick={() => prefs.set({ isEach: !prefs.isEach })}>
          The big key counts each share
        </Big>
        <Big aria-pressed={prefs.isSpoken} onClick={() => prefs.set({ isSpoken: !prefs.isSpoken })}>
          Read the next step aloud
        </Big>
        <Big onClick={onKeys}>Keys</Big>
      </Group>
      <Big
        className="border-thread-deep font-semibold"
        onClick={() => record({ kind: state.isFinished ? 'REOPENED' : 'FINISHED' })}
      >
        {state.isFinished ? 'Open once more' : 'Finish the visit'}
      </Big>
      {!navigator.serviceWorker && (
        <p className="text-sm text-soft">
          This page has no secure line: what happens is kept as long as it stays open and on this
          device, but without the server the page itself cannot be opened again.
        </p>
      )}
    </>
  );
}

function Group({ name, children }: { name: string; children: ReactNode }) {
  return (
    <section className="flex flex-col gap-1.5">
      <h3 className="text-sm text-soft">{name}</h3>
      {children}
    </section>
  );
}

function Leaves({
  leaf,
  shown,
  store,
  close,
}: Pick<AllProps, 'shown' | 'store' | 'close'> & { leaf: Leaf }) {
  const { visit, state } = shown;
  if (!visit || !state) return null;
  const done = (...events: Parameters<VisitStore['record']>[0]) => {
    void store.record(events);
    close();
  };
  const props = { sheet: visit.sheet, state, done };
  switch (leaf) {
    case 'here on':
      return <HereOnForm {...props} />;
    case 'slipped':
      return <PickShare {...props} />;
    case 'opened':
      return <OpenedForm {...props} />;
    case 'left':
      return <CountForm {...props} />;
    case 'other hair':
      return <OtherHairForm {...props} />;
    case 'note':
      return <NoteForm {...props} />;
  }
}
