import { useWords, wordOf } from '../../../words';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Pencil, Save, X } from 'lucide-react';
import { api } from '../../../api/client';
import type { Brief, Head, MeasureField, Read, Region, Words } from '../../../api/types';
import { formatDay } from '../../../lib/time';
import { Button } from '../../../ui/Button';
import { Choice, TextField } from '../../../ui/Field';
import { useLengths } from '../../../ui/prefs';
import { Switch } from '../../../ui/Switch';
import { Tick } from '../../../ui/Tick';
import { clientQuery } from '../../../api/queries';
import { BenchLength } from './BenchLength';
import { HeadInPaper } from '../paper/HeadInPaper';
import { StepFold } from './StepFold';
import { withHairline, withHead, withRegion, withRegions } from '../draft/edits/headEdits';
import { useBench, useComputed, useRead } from '../draft/useBench';
import { useSaid } from '../draft/useSaid';
import { ByTape } from '../../../outside';
import { MeasureFields } from '../../../ui/MeasureFields';

const USUAL_PEAK_MM = 10;

export function HeadStep() {
  const home = useBench((b) => b.home);
  return (
    <>
      <Measures />
      <HairlineEntries />
      <Regions />
      {home === 'bench' && <Heads />}
      {home === 'bench' && <HeadInPaper />}
    </>
  );
}

/** The tape, with what the fitted head makes of it: what is needed, and what is estimated where it is not measured. */
function Measures() {
  const { measures } = useWords();
  const head = useBench((b) => b.brief.head);
  const change = useBench((b) => b.change);
  const others = measures.filter((m) => !m.isRequired);
  const measured = others.filter((m) => head[m.field as MeasureField] !== null).length;
  return (
    <>
      <ByTape
        measures={measures}
        onTaken={(field, mm) => change(`head.${field}`, (b) => withHead(b, { [field]: mm }))}
      />
      <Tapes measures={measures.filter((m) => m.isRequired)} />
      <StepFold
        id="head measures"
        title={`${others.length} more measures`}
        tells={
          measured === others.length
            ? 'all taken'
            : measured === 0
              ? 'estimated'
              : `${others.length - measured} estimated`
        }
        fields={others.map((m) => `head.${m.field}`)}
      >
        <p className="text-sm text-soft">Left empty they are estimated from the first three.</p>
        <Tapes measures={others} />
      </StepFold>
    </>
  );
}

function Tapes({ measures }: { measures: Words['measures'] }) {
  const head = useBench((b) => b.brief.head);
  const texts = useBench((b) => b.texts);
  const setText = useBench((b) => b.setText);
  const change = useBench((b) => b.change);
  const { problem } = useComputed();
  const readings = useRead()?.head.readings ?? NO_READINGS;
  return (
    <MeasureFields<MeasureField>
      isRow
      measures={measures}
      values={head}
      readings={readings}
      onChange={(field, mm) => change(`head.${field}`, (b) => withHead(b, { [field]: mm }))}
      unread={(field) => texts[`head.${field}`]}
      onUnread={(field, text) => setText(`head.${field}`, text)}
      refused={(field) => problem?.at(`head.${field}`)}
    />
  );
}

function HairlineEntries() {
  const hairline = useBench((b) => b.brief.head.hairline);
  const change = useBench((b) => b.change);
  const { napes } = useWords();
  const said = useSaid();
  const hasPeak = hairline.peakDropMm !== null;
  const temple = (side: 'left' | 'right') => {
    const field = `${side}TempleMm` as const;
    return (
      <BenchLength
        label={`${side === 'left' ? 'Left' : 'Right'} temple recedes`}
        path={`head.hairline.${field}`}
        value={hairline[field] ?? 0}
        onChange={(b, mm) => withHairline(b, { [field]: mm })}
      />
    );
  };
  return (
    <StepFold
      id="head hairline"
      title="Hairline"
      tells={`${wordOf(napes, hairline.nape ?? 'ROUND')} nape${hasPeak ? ', a peak' : ''}`}
      fields={['head.hairline']}
    >
      {temple('left')}
      {temple('right')}
      <div className="flex items-center justify-between gap-2">
        <span className="text-sm text-soft">nape</span>
        <Switch
          label="Nape"
          value={hairline.nape ?? 'ROUND'}
          options={napes}
          onChoose={(nape) => change('nape', (b) => withHairline(b, { nape }))}
        />
      </div>
      <Tick
        words="It comes down in a peak"
        isOn={hasPeak}
        onChange={(isOn) =>
          change('peak', (b) =>
            withHairline(b, {
              peakPlaceMm: isOn ? 0 : null,
              peakDropMm: isOn ? USUAL_PEAK_MM : null,
            }),
          )
        }
      />
      {hasPeak && (
        <>
          <BenchLength
            label="Peak from the midline"
            hint={said('negative is to her left')}
            path="head.hairline.peakPlaceMm"
            value={hairline.peakPlaceMm}
            onChange={(b, mm) => withHairline(b, { peakPlaceMm: mm })}
          />
          <BenchLength
            label="Peak comes down"
            path="head.hairline.peakDropMm"
            value={hairline.peakDropMm}
            onChange={(b, mm) => withHairline(b, { peakDropMm: mm })}
          />
        </>
      )}
    </StepFold>
  );
}

const NO_READINGS: Read['head']['readings'] = [];

function Regions() {
  const regions = useBench((b) => b.brief.head.regions);
  const { regionKinds } = useWords();
  const tool = useBench((b) => b.tool);
  const take = useBench((b) => b.take);
  return (
    <StepFold
      id="head regions"
      title="Regions of the scalp"
      tells={regions.length === 0 ? 'none marked' : `${regions.length} marked`}
      fields={['head.regions']}
    >
      <div className="flex flex-wrap gap-1">
        {regionKinds.map((k) => (
          <Button
            key={k.value}
            look={tool?.kind === 'region' && tool.of === k.value ? 'main' : 'plain'}
            aria-pressed={tool?.kind === 'region' && tool.of === k.value}
            onClick={() => take({ kind: 'region', of: k.value, points: [] })}
          >
            <Pencil size={13} aria-hidden /> {k.words}
          </Button>
        ))}
      </div>
      <p className="text-sm text-soft" role="status">
        {tool?.kind === 'region'
          ? 'Draw round the region on the map in one stroke. Escape puts the chalk down.'
          : 'Take a chalk and draw round the place on the map.'}
      </p>
      {regions.map((r, i) => (
        <RegionEntry key={i} index={i} region={r} />
      ))}
    </StepFold>
  );
}

function RegionEntry({ index, region }: { index: number; region: Region }) {
  const change = useBench((b) => b.change);
  const holdRegion = useBench((b) => b.holdRegion);
  const isHeld = useBench((b) => b.heldRegion === index);
  const { plan, problem } = useComputed();
  const lengths = useLengths();
  const shown = plan?.map.regions.find((r) => r.index === index);
  return (
    <div
      className={`flex flex-col gap-1 rounded-md border p-2 ${isHeld ? 'border-thread-deep' : 'border-line'}`}
      onFocus={() => holdRegion(index)}
      onMouseEnter={() => holdRegion(index)}
      onMouseLeave={() => holdRegion(undefined)}
    >
      <div className="flex items-end gap-2">
        <div className="min-w-0 flex-1">
          <TextField
            label={shown?.kindWords ?? 'region'}
            value={region.name ?? ''}
            maxLength={60}
            onChange={(e) =>
              change(`region ${index}`, (b) => withRegion(b, index, { name: e.target.value }))
            }
            error={
              problem?.at(`head.regions[${index}].name`)?.message ??
              problem?.at(`head.regions[${index}]`)?.message
            }
          />
        </div>
        <button
          type="button"
          aria-label={`Remove ${region.name}`}
          className="mb-1 rounded p-1 hover:bg-well"
          onClick={() =>
            change('remove region', (b) =>
              withRegions(
                b,
                b.head.regions.filter((_, i) => i !== index),
              ),
            )
          }
        >
          <X size={16} />
        </button>
      </div>
      {shown && <p className="text-sm text-soft">{lengths.sentence(shown.place)}</p>}
    </div>
  );
}

/** The heads kept of this client, by date: a plan keeps the one it was made from. */
function Heads() {
  const clientId = useBench((b) => b.clientId);
  const head = useBench((b) => b.brief.head);
  const change = useBench((b) => b.change);
  const client = useQuery(clientQuery(clientId));
  const said = useSaid();
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: () => api.keepHead(clientId, head),
    onSuccess: (c) => {
      queries.setQueryData(clientQuery(clientId).queryKey, c);
      void queries.invalidateQueries({ queryKey: ['clients', 'list'] });
    },
  });
  const heads = client.data?.heads ?? [];
  const kept = heads.find((h) => isSame(h.measures as Head, head));
  return (
    <StepFold
      id="head kept"
      title={said('Her head in the book')}
      tells={kept ? `of ${formatDay(kept.takenAt)}` : 'not kept yet'}
    >
      <Choice
        label="Taken down on"
        value={kept?.id ?? ''}
        options={[
          ...(kept ? [] : [{ value: '', words: 'not kept yet: as on the bench' }]),
          ...heads.map((h) => ({
            value: h.id,
            words: `${formatDay(h.takenAt)}, ${((h.measures.roundMm ?? 0) / 10).toFixed(1)} round`,
          })),
        ]}
        onChoose={(id) => {
          const chosen = heads.find((h) => h.id === id);
          if (chosen) change('head', (b) => withHead(b, chosen.measures as Head));
        }}
      />
      <Button disabled={kept !== undefined || keep.isPending} onClick={() => keep.mutate()}>
        <Save size={14} aria-hidden /> {said(kept ? 'Kept with her' : 'Keep as her head of today')}
      </Button>
      {keep.error && (
        <p role="alert" className="text-sm font-medium text-chalk">
          ✕ {keep.error.message}
        </p>
      )}
    </StepFold>
  );
}

const isSame = (a: Brief['head'], b: Brief['head']): boolean =>
  JSON.stringify(a) === JSON.stringify(b);
