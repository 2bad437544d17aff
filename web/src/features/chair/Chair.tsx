import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { SheetShare } from '../../api/types';
import { Bar } from './Bar';
import { outlookQuery } from './chair.queries';
import { useChairPrefs } from './chairPrefs';
import { Count } from './Count';
import { Doing } from './Doing';
import { Ended } from './Ended';
import { ChairKeysDialog } from './more/ChairKeysDialog';
import { BeadDialog } from './more/BeadDialog';
import { Drawer } from './more/Drawer';
import { OptionsDialog } from './more/OptionsDialog';
import { Notices } from './Notices';
import { Trying } from './Trying';
import { Place } from './place/Place';
import { Turner } from './place/Turner';
import { TakingDown } from './takedown/TakingDown';
import { useChairKeys } from './useChairKeys';
import { useAwake } from './useAwake';
import { useSpoken } from './useSpoken';
import { backOne, done, keyNow, pressed, undoLast, upTo } from './visit/actions';
import { isToDo, nextSteps, runningStage } from './visit/fold';
import { useVisit } from './visit/useVisit';

export type Open = 'drawer' | 'keys' | 'options' | undefined;

/** The plan as it is worked, one thing at a time. */
export function Chair({ id }: { id: string }) {
  const [shown, store] = useVisit(id);
  const { visit, state } = shown;
  const isEach = useChairPrefs((p) => p.isEach);
  const name = useChairPrefs((p) => p.name);
  const [open, setOpen] = useState<Open>();
  const [bead, setBead] = useState<SheetShare>();
  const [isDown, setDown] = useState(false);
  const outlook = useQuery({
    ...outlookQuery(id, shown.arrived),
    enabled: !!visit && !shown.isAway,
  });

  const steps = visit && state ? nextSteps(visit.sheet, state) : [];
  const key = visit && state ? keyNow(visit.sheet, state, isEach) : undefined;
  const record = store.record.bind(store);
  const press = () => {
    if (visit && state && key) void record(pressed(visit.sheet, state, key, name));
  };
  const takeBack = (which: typeof backOne) => () => {
    const events = state ? which(state) : [];
    if (events.length > 0) void record(events);
  };
  useChairKeys({
    isOn: open === undefined && bead === undefined && !!state && !state.isFinished,
    press,
    back: takeBack(backOne),
    undo: takeBack(undoLast),
    help: () => setOpen('keys'),
  });
  useAwake(!!state && runningStage(state) !== undefined);
  useSpoken(steps[0]);

  if (!visit || !state || !key) return <Opening problem={shown.problem} isAway={shown.isAway} />;
  const step = steps[0];
  // Curls are separated first: what shows before that is not what will show.
  const isTrying = step?.stage === 'TRY_AND_FILL' && steps[1]?.stage !== 'TRY_AND_FILL';
  const onBead = (share: SheetShare) => {
    if (!step) return;
    if (isToDo(state.shares.get(share.ref)))
      void record(done(visit.sheet, state, step, upTo(step, state, share.ref)));
    else setBead(share);
  };

  return (
    <main className="flex min-h-0 flex-1 flex-col">
      <Bar shown={shown} record={record} onMore={() => setOpen('drawer')} />
      <Notices shown={shown} record={record} />
      {state.isFinished && isDown ? (
        <TakingDown shown={shown} record={record} onClose={() => setDown(false)} />
      ) : state.isFinished ? (
        <Ended shown={shown} outlook={outlook.data} record={record} onDown={() => setDown(true)} />
      ) : (
        <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,3fr)_minmax(0,2fr)] grid-rows-[minmax(0,1fr)_auto] gap-px bg-line lg:grid-cols-[minmax(0,34fr)_minmax(0,38fr)_minmax(0,28fr)] lg:grid-rows-1">
          <section aria-label="Place" className="relative min-h-0 bg-ground p-2">
            {isTrying ? (
              <Trying id={id} shown={shown} record={record} />
            ) : (
              <Place
                sheet={visit.sheet}
                state={state}
                step={step}
                endsBefore={outlook.data?.hair[0]?.endsBefore}
                className="h-full w-full"
              />
            )}
            {!isTrying && <Turner />}
          </section>
          <section
            aria-label="To do"
            className="order-last col-span-2 flex min-h-0 flex-col bg-ground lg:order-none lg:col-span-1"
          >
            <Doing
              sheet={visit.sheet}
              state={state}
              steps={steps}
              chairKey={key}
              onPress={press}
              onBack={takeBack(backOne)}
              onBead={onBead}
            />
          </section>
          <section aria-label="Count" className="min-h-0 overflow-y-auto bg-sheet">
            <Count
              shown={shown}
              outlook={outlook.data}
              record={record}
              onOptions={() => setOpen('options')}
            />
          </section>
        </div>
      )}
      <Drawer
        isOpen={open === 'drawer'}
        onClose={() => setOpen(undefined)}
        shown={shown}
        store={store}
        onKeys={() => setOpen('keys')}
        onUndo={takeBack(undoLast)}
      />
      <OptionsDialog
        isOpen={open === 'options'}
        onClose={() => setOpen(undefined)}
        outlook={outlook.data}
        record={record}
      />
      <ChairKeysDialog isOpen={open === 'keys'} onClose={() => setOpen(undefined)} />
      {bead && <BeadDialog share={bead} onClose={() => setBead(undefined)} record={record} />}
    </main>
  );
}

function Opening({ problem, isAway }: { problem: string | undefined; isAway: boolean }) {
  return (
    <main className="grid flex-1 place-items-center p-8 text-center">
      {problem ? (
        <div>
          <p role="alert" className="text-lg">
            {problem}
          </p>
          <Link to="/chair" className="mt-3 inline-block underline">
            See who is in the chair
          </Link>
        </div>
      ) : (
        <p role="status" className="text-lg">
          {isAway
            ? 'The server does not answer, and this visit was never opened on this device.'
            : 'Opening the visit…'}
        </p>
      )}
    </main>
  );
}
