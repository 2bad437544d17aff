import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ImageDown, Pin } from 'lucide-react';
import { lazy, Suspense, useEffect, useMemo, useRef, useState, type Ref } from 'react';
import { api } from '../../../api/client';
import type { Brief } from '../../../api/types';
import { make, stillQuery } from '../../../stills';
import { Button } from '../../../ui/Button';
import { usePrefs } from '../../../ui/prefs';
import { Switch } from '../../../ui/Switch';
import { Tick } from '../../../ui/Tick';
import type { Picture } from '../../../viz/round/HeadView';
import { Pose } from '../../../viz/round/pose';
import { DEGREE, USUAL_VIEW, VIEWS, type View } from '../../../viz/round/views';
import { SKIN_TONES, toneOf } from '../../../viz/skinTones';
import { fileName, offerFile } from '../paper/offerFile';
import { useBench } from '../draft/useBench';

// What draws in the round is large, and is fetched while the hair is worked out.
const fetchView = () => import('../../../viz/round/HeadView');
const HeadView = lazy(fetchView);

/**
 * The same head in the round, hooked and worn, to be turned; asked for only while it is looked at. Where a plan is kept beside it, both
 * heads are, with one camera.
 */
export function HeadInTheRound() {
  const brief = useBench((b) => b.brief);
  const beside = useBench((b) => b.beside);
  const name = useBench((b) => b.name);
  const day = useBench((b) => b.worn.day);
  const isPinnable = useBench((b) => b.home === 'bench');
  const { skin, set } = usePrefs();
  const [hasHair, setHair] = useState(true);
  const [isMarked, setMarked] = useState(false);
  const [view, setView] = useState<View>(USUAL_VIEW);
  const [words, setWords] = useState<string>();
  const picture = useRef<Picture>(null);
  const pose = useMemo(() => new Pose(), []);
  const tone = toneOf(skin);
  useEffect(() => {
    void fetchView();
  }, []);
  const save = async () => {
    const png = await picture.current?.png();
    if (png) offerFile(fileName(`${name} ${view.words}`, 'png'), 'image/png', png);
  };
  const seen = { hasHair, isMarked, view, setView, pose, skin: tone.colour };
  return (
    <div className="flex min-h-0 min-w-0 flex-1 flex-col">
      <div className="relative flex min-h-0 flex-1">
        {beside && <Head {...seen} brief={beside} caption="kept" />}
        <Head
          {...seen}
          brief={brief}
          caption={beside ? 'now' : undefined}
          picture={picture}
          onWorn={setWords}
        />
        {words && hasHair && (
          <p className="absolute top-2 left-2 rounded-md bg-sheet/90 px-2 py-1 text-sm text-soft">
            worn {words}, day {day}
          </p>
        )}
        <Tones tone={tone.id} onChoose={(id) => set({ skin: id })} />
      </div>
      <div className="flex flex-wrap items-center justify-center gap-x-3 gap-y-1 border-t border-line bg-sheet px-2 py-1.5 text-sm">
        <Switch
          label="Seen from"
          value={view.id}
          options={VIEWS.map((v) => ({ value: v.id, words: v.words }))}
          onChoose={(id) => setView(VIEWS.find((v) => v.id === id) ?? view)}
        />
        <Tick words="with its hair" isOn={hasHair} onChange={setHair} />
        {hasHair && <Tick words="mark where skin shows" isOn={isMarked} onChange={setMarked} />}
        <Button look="quiet" onClick={() => void save()}>
          <ImageDown size={15} aria-hidden /> save the picture
        </Button>
        {isPinnable && <PinIt picture={picture} tone={tone.id} />}
      </div>
    </div>
  );
}

interface HeadProps {
  brief: Brief;
  hasHair: boolean;
  isMarked: boolean;
  view: View;
  setView: (view: View) => void;
  pose: Pose;
  skin: string;
  /** Which of two it is. */
  caption: string | undefined;
  picture?: Ref<Picture>;
  /** Hears in words how it is worn. */
  onWorn?: (words: string) => void;
}

/** One head, as the bench wears its hair. */
function Head({ brief, hasHair, setView, caption, picture, onWorn, ...seen }: HeadProps) {
  const how = useBench((b) => b.worn);
  const heldRow = useBench((b) => b.heldRow);
  const solid = useQuery({
    queryKey: ['solid', brief],
    queryFn: () => api.solid(brief),
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  });
  const look = useQuery({
    queryKey: ['look', brief, how.way, how.part, how.gap, how.day],
    queryFn: () => api.look({ brief, worn: { ...how, isRough: false } }),
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  });
  const words = look.data?.words;
  useEffect(() => {
    if (words) onWorn?.(words);
  }, [words, onWorn]);
  if (!solid.data || (hasHair && !look.data)) {
    const error = solid.error ?? look.error;
    return <Turning words={error ? error.message : 'Turning the head…'} />;
  }
  return (
    <div className="relative flex min-h-0 min-w-0 flex-1 not-first:border-l not-first:border-line">
      <Suspense fallback={<Turning words="Turning the head…" />}>
        <HeadView
          {...seen}
          ref={picture}
          solid={solid.data}
          heldRow={hasHair ? undefined : heldRow}
          look={hasHair ? look.data : undefined}
          onView={setView}
        />
      </Suspense>
      {caption && (
        <p className="pointer-events-none absolute inset-x-0 bottom-2 text-center">
          <span className="rounded-md bg-sheet px-3 py-0.5 text-lg font-semibold">{caption}</span>
        </p>
      )}
    </div>
  );
}

/** What is seen becomes the picture of the plan, wherever plans are listed, until it is pinned otherwise. */
function PinIt({ picture, tone }: { picture: { current: Picture | null }; tone: string }) {
  const plan = useBench((b) => b.planId);
  const how = useBench((b) => b.worn);
  const isTried = how.gap !== null;
  const client = useQueryClient();
  const pin = useMutation({
    mutationFn: async () => {
      const from = picture.current?.from() ?? USUAL_VIEW;
      const still = await client.fetchQuery({ ...stillQuery(plan), staleTime: 0 });
      if (!still) throw new Error('This plan is no longer in the book.');
      const sight = {
        round: from.round / DEGREE,
        up: from.up / DEGREE,
        skin: tone,
        way: how.way,
        part: how.part,
        day: how.day,
      };
      return make(still, sight, true);
    },
    onSuccess: (made) => client.setQueryData(stillQuery(plan).queryKey, made),
  });
  return (
    <>
      <Button
        look="quiet"
        title={
          isTried
            ? 'A gap is only tried as a part: plan the part, then pin it'
            : 'So the book and the chair show this plan from now on'
        }
        disabled={pin.isPending || isTried}
        onClick={() => pin.mutate()}
      >
        <Pin size={15} aria-hidden />
        {pin.isPending ? 'drawing it…' : pin.isSuccess ? 'pinned' : 'pin as its picture'}
      </Button>
      <p role="status" className={pin.isError ? 'basis-full text-center text-chalk' : 'sr-only'}>
        {pin.isSuccess && 'Pinned: so the book and the chair show this plan from now on.'}
        {pin.isError && `▲ ${pin.error.message}`}
      </p>
    </>
  );
}

function Turning({ words }: { words: string }) {
  return (
    <p className="m-auto text-soft" role="status">
      {words}
    </p>
  );
}

/** Skin tones, as dots to choose from. */
function Tones({ tone, onChoose }: { tone: string; onChoose: (id: string) => void }) {
  return (
    <fieldset className="absolute top-2 right-2 flex flex-col gap-1 rounded-md bg-sheet/90 p-1">
      <legend className="sr-only">Skin</legend>
      {SKIN_TONES.map((t) => (
        <label
          key={t.id}
          title={t.words}
          className="grid size-7 cursor-pointer place-items-center rounded-full has-checked:ring-2 has-checked:ring-thread has-focus-visible:outline-2"
        >
          <input
            type="radio"
            name="skin"
            className="sr-only"
            checked={t.id === tone}
            onChange={() => onChoose(t.id)}
            aria-label={t.words}
          />
          <span
            className="size-5 rounded-full border border-edge"
            style={{ background: t.colour }}
          />
        </label>
      ))}
    </fieldset>
  );
}
