import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Pencil, Save, X } from 'lucide-react';
import { api } from '../../../api/client';
import type { Brief, HeadMeasures, Region, RegionKind } from '../../../api/types';
import { formatDay } from '../../../lib/time';
import { Button } from '../../../ui/Button';
import { Choice, TextField } from '../../../ui/Field';
import { useLengths } from '../../../ui/prefs';
import { Switch } from '../../../ui/Switch';
import { Tick } from '../../../ui/Tick';
import { clientQuery } from '../bench.queries';
import { BenchLength } from '../BenchLength';
import { hairlineOf, withHairline, withRegion, withRegions } from '../headEdits';
import { useBench, useComputed } from '../useBench';

type MeasureField = Exclude<keyof HeadMeasures, 'hairline' | 'regions'>;

const FIELDS: { field: MeasureField; label: string; where: string }[] = [
  { field: 'roundMm', label: 'Round the head', where: 'level over the ears' },
  { field: 'frontToNapeMm', label: 'Front to nape', where: 'hairline to hairline, over the crown' },
  { field: 'overTopMm', label: 'Ear to ear over the top', where: 'notch to notch' },
  { field: 'alongFrontMm', label: 'Ear to ear along the front', where: 'notch to notch' },
  { field: 'roundBackMm', label: 'Temple to temple round the back', where: 'above the ears' },
  { field: 'napeWidthMm', label: 'Nape width', where: 'corner to corner' },
];

const NAPES = [
  { value: 'ROUND', words: 'round' },
  { value: 'SQUARE', words: 'square' },
  { value: 'POINTED', words: 'pointed' },
] as const;

export const REGION_KINDS: { value: RegionKind; words: string }[] = [
  { value: 'THIN', words: 'thin' },
  { value: 'TENDER', words: 'tender' },
  { value: 'NO_GO', words: 'no-go' },
  { value: 'SCAR', words: 'scar' },
  { value: 'COWLICK', words: 'cowlick' },
  { value: 'BUN', words: 'left out: bun' },
  { value: 'SHOWN_BRAIDS', words: 'left out: braids' },
];

const USUAL_PEAK_MM = 10;

export function HeadStep() {
  return (
    <>
      <p className="text-sm text-soft">
        The first three are needed. Leave the others empty and they are estimated.
      </p>
      {FIELDS.map((f) => (
        <MeasureEntry key={f.field} {...f} />
      ))}
      <HairlineEntries />
      <Regions />
      <Heads />
    </>
  );
}

function MeasureEntry({ field, label, where }: (typeof FIELDS)[number]) {
  const value = useBench((b) => b.brief.head?.[field] ?? null);
  const { plan } = useComputed();
  const lengths = useLengths();
  const reading = plan?.head.readings.find((r) => r.field === field);
  const isEstimated = value === null && reading?.isEstimated;
  return (
    <BenchLength
      label={label}
      path={`head.${field}`}
      value={value}
      onChange={(b, mm) => ({ ...b, head: { ...(b.head as HeadMeasures), [field]: mm } })}
      placeholder={isEstimated && reading ? `about ${lengths.parts(reading.tapeMm).figure}` : ''}
      hint={isEstimated ? 'estimated from the others' : where}
    />
  );
}

function HairlineEntries() {
  const hairline = useBench((b) => hairlineOf(b.brief));
  const change = useBench((b) => b.change);
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
    <section aria-label="Hairline" className="flex flex-col gap-3 border-t border-line pt-3">
      <h3 className="font-semibold">Hairline</h3>
      {temple('left')}
      {temple('right')}
      <div className="flex items-center justify-between gap-2">
        <span className="text-sm text-soft">nape</span>
        <Switch
          label="Nape"
          value={hairline.nape ?? 'ROUND'}
          options={NAPES}
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
            hint="negative is to her left"
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
    </section>
  );
}

const NO_REGIONS: Region[] = [];

function Regions() {
  const regions = useBench((b) => b.brief.head?.regions) ?? NO_REGIONS;
  const tool = useBench((b) => b.tool);
  const take = useBench((b) => b.take);
  return (
    <section aria-label="Regions" className="flex flex-col gap-2 border-t border-line pt-3">
      <h3 className="font-semibold">Regions of the scalp</h3>
      <div className="flex flex-wrap gap-1">
        {REGION_KINDS.map((k) => (
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
    </section>
  );
}

function RegionEntry({ index, region }: { index: number; region: Region }) {
  const change = useBench((b) => b.change);
  const holdRegion = useBench((b) => b.holdRegion);
  const isHeld = useBench((b) => b.heldRegion === index);
  const { plan, problem } = useComputed();
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
                (b.head?.regions ?? []).filter((_, i) => i !== index),
              ),
            )
          }
        >
          <X size={16} />
        </button>
      </div>
      {shown && <p className="text-sm text-soft">{shown.place}</p>}
    </div>
  );
}

/** The heads kept of this client, by date: a plan keeps the one it was made from. */
function Heads() {
  const clientId = useBench((b) => b.clientId);
  const head = useBench((b) => b.brief.head);
  const change = useBench((b) => b.change);
  const client = useQuery(clientQuery(clientId));
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: () => api.keepHead(clientId, head),
    onSuccess: (c) => {
      queries.setQueryData(clientQuery(clientId).queryKey, c);
      void queries.invalidateQueries({ queryKey: ['clients'], exact: true });
    },
  });
  const heads = client.data?.heads ?? [];
  const kept = heads.find((h) => isSame(h.measures, head));
  return (
    <section aria-label="Her heads" className="flex flex-col gap-2 border-t border-line pt-3">
      <h3 className="font-semibold">Her head in the book</h3>
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
          if (chosen) change('head', (b) => ({ ...b, head: chosen.measures }));
        }}
      />
      <Button disabled={kept !== undefined || keep.isPending} onClick={() => keep.mutate()}>
        <Save size={14} aria-hidden /> {kept ? 'Kept with her' : 'Keep as her head of today'}
      </Button>
      {keep.error && (
        <p role="alert" className="text-sm font-medium text-chalk">
          ✕ {keep.error.message}
        </p>
      )}
    </section>
  );
}

const isSame = (a: Brief['head'], b: Brief['head']): boolean =>
  JSON.stringify(a) === JSON.stringify(b);
