import { useSpelt } from '../../../ui/prefs';
import { useWords } from '../../../words';
import { Plus, X } from 'lucide-react';
import type { HairLine, Hooking, MixStrand } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { Counter } from '../../../ui/Counter';
import { Choice } from '../../../ui/Field';
import { Tick } from '../../../ui/Tick';
import { withHooking, withMix } from '../draft/edits/hookingEdits';
import { StepFold } from './StepFold';
import { useBench, useComputed, useFieldError } from '../draft/useBench';

type How = NonNullable<NonNullable<Hooking['mix']>['how']>;

const MAX = 4;
const FIRST_PERCENT = 20;

/** Other lines or colours hooked in among the main hair. */
export function MixEntry({ lines }: { lines: HairLine[] }) {
  const spelt = useSpelt();
  const mix = useBench((b) => b.brief.hooking.mix);
  const mainId = useBench((b) => b.brief.hairLineId);
  const change = useBench((b) => b.change);
  const { plan } = useComputed();
  const { mixes } = useWords();
  const sumError = useFieldError('hooking.mix.others');
  const others = mix?.others ?? [];
  const how = mix?.how ?? 'RATIO';
  const main = lines.find((l) => l.id === mainId);
  const set = (i: number, edit: Partial<MixStrand>) =>
    change(`mix ${i}`, (b) =>
      withMix(
        b,
        others.map((o, k) => (k === i ? { ...o, ...edit } : o)),
      ),
    );
  return (
    <StepFold
      id="hair mix"
      title="Mixed in"
      tells={others.length === 0 ? 'one hair' : others.map((o) => o.colour).join(', ')}
      fields={['hooking.mix']}
    >
      <div className="flex items-center justify-end">
        {others.length < (how === 'BLENDED' ? 1 : MAX) && main && (
          <Button
            onClick={() =>
              change('add mix', (b) =>
                withMix(b, [
                  ...others,
                  {
                    hairLineId: main.id,
                    colour: main.colours.at(-1) ?? '',
                    percent: FIRST_PERCENT,
                    zone: null,
                  },
                ]),
              )
            }
          >
            <Plus size={14} aria-hidden /> another
          </Button>
        )}
      </div>
      {others.length === 0 && (
        <p className="text-sm text-soft">{spelt('One hair in one colour throughout.')}</p>
      )}
      {others.length > 0 && (
        <Choice
          label="How it is mixed"
          value={how}
          options={mixes}
          onChoose={(to) =>
            change('how mixed', (b) => {
              const now = b.hooking.mix;
              return now ? withHooking(b, { mix: { ...now, how: to } }) : b;
            })
          }
        />
      )}
      {others.map((o, i) => (
        <Strand
          key={i}
          strand={o}
          index={i}
          how={how}
          lines={lines}
          loops={plan?.hairs[i + 1]?.placedLoops}
          onChange={(edit) => set(i, edit)}
          onRemove={() =>
            change('remove mix', (b) =>
              withMix(
                b,
                others.filter((_, k) => k !== i),
              ),
            )
          }
        />
      ))}
      {sumError && (
        <p role="alert" className="text-sm font-medium text-chalk">
          ✕ {sumError}
        </p>
      )}
      {others.length > 0 && (how === 'RATIO' || how === 'ACCENTS') && (
        <Tick
          words="two alike may lie side by side"
          isOn={mix?.mayClump ?? false}
          onChange={(mayClump) =>
            change('clumps', (b) => {
              const now = b.hooking.mix;
              return now ? withHooking(b, { mix: { ...now, mayClump } }) : b;
            })
          }
        />
      )}
    </StepFold>
  );
}

interface StrandProps {
  strand: MixStrand;
  index: number;
  how: How;
  lines: HairLine[];
  loops: number | undefined;
  onChange: (edit: Partial<MixStrand>) => void;
  onRemove: () => void;
}

function Strand({ strand, index, how, lines, loops, onChange, onRemove }: StrandProps) {
  const spelt = useSpelt();
  const at = `hooking.mix.others[${index}]`;
  const lineError = useFieldError(`${at}.hairLineId`);
  const colourError = useFieldError(`${at}.colour`);
  const percentError = useFieldError(`${at}.percent`);
  const zoneError = useFieldError(`${at}.zone`);
  const { zones } = useWords();
  const line = lines.find((l) => l.id === strand.hairLineId);
  return (
    <div className="flex flex-col gap-2 rounded-md border border-line p-2">
      <div className="flex items-start gap-2">
        <span className="grow">
          <Choice
            label={`Hair ${index + 2}`}
            value={strand.hairLineId ?? ''}
            options={lines.map((l) => ({ value: l.id, words: `${l.name}, ${l.textureWords}` }))}
            onChoose={(id) =>
              onChange({ hairLineId: id, colour: lines.find((l) => l.id === id)?.colours[0] ?? '' })
            }
            error={lineError}
          />
        </span>
        <Button
          look="quiet"
          aria-label={`Take hair ${index + 2} out of the mix`}
          onClick={onRemove}
        >
          <X size={14} />
        </Button>
      </div>
      <Choice
        label={spelt(`Colour of hair ${index + 2}`)}
        value={strand.colour ?? ''}
        options={(line?.colours ?? []).map((c) => ({ value: c, words: c }))}
        onChoose={(colour) => onChange({ colour })}
        error={colourError}
      />
      {how === 'BLENDED' && (
        <p className="text-sm text-soft">Half of every share, on one hook with the main hair.</p>
      )}
      {how === 'ZONES' && (
        <Choice
          label={`Zone of hair ${index + 2}`}
          value={strand.zone ?? ''}
          options={[{ value: '', words: 'choose one' }, ...zones]}
          onChoose={(zone) => onChange({ zone: zone === '' ? null : zone })}
          error={zoneError}
        />
      )}
      {(how === 'RATIO' || how === 'ACCENTS') && (
        <Counter
          label={`Parts of a hundred, hair ${index + 2}`}
          value={strand.percent ?? FIRST_PERCENT}
          min={5}
          max={95}
          step={5}
          onChange={(percent) => onChange({ percent })}
          error={percentError}
        />
      )}
      {loops !== undefined && <p className="text-sm text-soft">{loops} loops placed</p>}
    </div>
  );
}
