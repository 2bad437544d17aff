import { useLengths } from '../../../../ui/prefs';
import { useWords } from '../../../../words';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { FileDown, Save, X } from 'lucide-react';
import { useMay } from '../../../door';
import { useState } from 'react';
import { api } from '../../../../api/client';
import type { Method, Plan, Question } from '../../../../api/types';
import { isCurrency, parseMoney, plainMoney } from '../../../../lib/money';
import { Button } from '../../../../ui/Button';
import { Counter } from '../../../../ui/Counter';
import { Choice, TextField } from '../../../../ui/Field';
import { KeptFileIn } from '../../../../ui/KeptFileIn';
import { methodsQuery } from '../../bench.queries';
import { withCurrency, withHooking, withMethod } from '../../draft/edits/hookingEdits';
import { moneyProblem } from '../../../../ui/moneyProblem';
import { StepFold } from '../StepFold';
import { useBench, useComputed } from '../../draft/useBench';

/** So many of the questions that practitioners differ on decide most. */
const FIRST = 3;

/** Where practitioners differ: each question with both sides and the reason of each, answered her own way and kept. */
export function MethodTab() {
  const { limits, questions, materials } = useWords();
  const change = useBench((b) => b.change);
  const method = useBench((b) => b.brief.hooking.method);
  const { plan } = useComputed();
  if (!plan) return null;
  return (
    <>
      <p className="text-sm text-soft">
        By <strong className="text-ink">{method.name}</strong> method. Where stylists differ, both
        sides have a reason; yours decides.
      </p>
      {questions.slice(0, FIRST).map((q) => (
        <QuestionEntry key={q.field} question={q} method={method} />
      ))}
      <StepFold
        id="method questions"
        title={`${questions.length - FIRST} more questions`}
        tells={questions
          .slice(FIRST)
          .map((q) => q.words.toLowerCase())
          .join(', ')}
      >
        {questions.slice(FIRST).map((q) => (
          <QuestionEntry key={q.field} question={q} method={method} />
        ))}
      </StepFold>
      <StepFold
        id="method figures"
        title="Your own figures"
        tells={`${method.reservePercent} % kept back`}
        fields={['hooking.method.']}
      >
        <OwnPasses method={method} plan={plan} />
        <ShareWish
          label="A share beside a part"
          value={method.partShareParts}
          onChoose={(partShareParts) =>
            change('share at parts', (b) => withMethod(b, { partShareParts }))
          }
        />
        <ShareWish
          label="The first share at the hairline"
          value={method.hairlineShareParts}
          onChoose={(hairlineShareParts) =>
            change('share at the hairline', (b) => withMethod(b, { hairlineShareParts }))
          }
        />
        <Counter
          label="Kept back for fills, %"
          value={method.reservePercent}
          min={limits.reservePercent.min}
          max={limits.reservePercent.max}
          onChange={(reservePercent) => change('reserve', (b) => withMethod(b, { reservePercent }))}
        />
        <Counter
          label="Margin on hair, %"
          value={method.marginPercent}
          min={limits.marginPercent.min}
          max={limits.marginPercent.max}
          step={5}
          onChange={(marginPercent) => change('margin', (b) => withMethod(b, { marginPercent }))}
        />
        <Counter
          label="Time you take, % of usual"
          value={method.pacePercent}
          min={limits.pacePercent.min}
          max={limits.pacePercent.max}
          step={5}
          onChange={(pacePercent) => change('pace', (b) => withMethod(b, { pacePercent }))}
        />
        <CurrencyEntry currency={plan.quote.chair.currency} />
        <HourEntry minor={method.hourMinor} currency={plan.quote.chair.currency} />
        <h3 className="border-b border-line font-semibold">What materials cost</h3>
        {materials.map((m) => (
          <PriceEntry
            key={m.value}
            material={m}
            prices={method.prices}
            currency={plan.quote.chair.currency}
          />
        ))}
      </StepFold>
      <Kept method={method} />
    </>
  );
}

/** How often she passes each texture of this head: as the hold needs, or a number of her own. */
function OwnPasses({ method, plan }: { method: Method; plan: Plan }) {
  const { limits, textures } = useWords();
  const change = useBench((b) => b.change);
  const here = textures.filter((t) => plan.hairs.some((h) => h.texture === t.value));
  const set = (texture: (typeof here)[number]['value'], passes: number | null) =>
    change('passes', (b) =>
      withMethod(b, {
        passes: [
          ...method.passes.filter((p) => p.texture !== texture),
          ...(passes === null ? [] : [{ texture, passes }]),
        ],
      }),
    );
  return (
    <>
      {here.map((t) => {
        const own = method.passes.find((p) => p.texture === t.value)?.passes ?? null;
        return (
          <div key={t.value}>
            <Choice
              label={`Passes, ${t.words}`}
              value={own === null ? '' : String(own)}
              options={[
                { value: '', words: 'as the hold needs' },
                ...Array.from({ length: limits.mostPasses }, (_, i) => ({
                  value: String(i + 1),
                  words: String(i + 1),
                })),
              ]}
              onChoose={(n) => set(t.value, n === '' ? null : Number(n))}
            />
            {own !== null && own > limits.usefulPasses && (
              <p className="text-xs text-soft">
                More than {limits.usefulPasses} add size, not hold; they take longer to tie and to
                take out.
              </p>
            )}
          </div>
        );
      })}
    </>
  );
}

function ShareWish(props: {
  label: string;
  value: number | null;
  onChoose: (parts: number | null) => void;
}) {
  const { shares } = useWords();
  return (
    <Choice
      label={props.label}
      value={props.value === null ? '' : String(props.value)}
      options={[
        { value: '', words: 'small, as usual' },
        ...shares.map((s) => ({ value: String(s.value), words: s.words })),
      ]}
      onChoose={(p) => props.onChoose(p === '' ? null : Number(p))}
    />
  );
}

type Price = NonNullable<Method['prices']>[number];

/** What a material costs her; left empty it is told in the quote and not charged. */
function PriceEntry(props: {
  material: { value: Price['material']; words: string; unit: string };
  prices: readonly Price[];
  currency: string;
}) {
  const { material, prices, currency } = props;
  const change = useBench((b) => b.change);
  const at = prices.findIndex((p) => p.material === material.value);
  const refused = useComputed().problem?.at(`hooking.method.prices[${at}].minor`);
  const [text, setText] = useState<string>();
  const isRead = text === undefined || text.trim() === '' || parseMoney(text, currency) !== null;
  const now = prices[at]?.minor;
  return (
    <TextField
      label={`${material.words}, ${currency} ${material.unit}`}
      inputMode="decimal"
      value={text ?? (typeof now === 'number' ? plainMoney(now, currency) : '')}
      error={
        isRead
          ? moneyProblem('The price', refused, currency)
          : 'Write an amount, such as 9 or 12.50.'
      }
      onChange={(e) => {
        setText(e.target.value);
        const minor = e.target.value.trim() === '' ? null : parseMoney(e.target.value, currency);
        if (minor === null && e.target.value.trim() !== '') return;
        change(`price ${material.value}`, (b) =>
          withMethod(b, {
            currency,
            prices: [
              ...prices.filter((p) => p.material !== material.value),
              ...(minor === null ? [] : [{ material: material.value, minor }]),
            ],
          }),
        );
      }}
      onBlur={() => isRead && setText(undefined)}
    />
  );
}

/** The currency of her prices. Hair that is bought in another currency has a total of its own in the quote. */
function CurrencyEntry({ currency }: { currency: string }) {
  const change = useBench((b) => b.change);
  const refused = useComputed().problem?.at('hooking.method.currency');
  const [text, setText] = useState<string>();
  const isRead = text === undefined || isCurrency(text);
  return (
    <TextField
      label="Currency of your prices"
      value={text ?? currency}
      maxLength={3}
      error={isRead ? refused?.message : 'Write three letters, such as EUR or GBP.'}
      onChange={(e) => {
        const code = e.target.value.toUpperCase();
        setText(code);
        if (isCurrency(code))
          change('currency', (b) => withCurrency(b, b.hooking.method.currency ?? currency, code));
      }}
      onBlur={() => isRead && setText(undefined)}
    />
  );
}

/** What an hour in her chair costs; what cannot be read is said and changes nothing. */
function HourEntry({ minor, currency }: { minor: number; currency: string }) {
  const change = useBench((b) => b.change);
  const refused = useComputed().problem?.at('hooking.method.hourMinor');
  const [text, setText] = useState<string>();
  const isRead = text === undefined || parseMoney(text, currency) !== null;
  return (
    <TextField
      label={`An hour in the chair, ${currency}`}
      inputMode="decimal"
      value={text ?? plainMoney(minor, currency)}
      error={
        isRead
          ? moneyProblem('An hour', refused, currency)
          : 'Write an amount, such as 35 or 42.50.'
      }
      onChange={(e) => {
        setText(e.target.value);
        const hourMinor = parseMoney(e.target.value, currency);
        if (hourMinor !== null) change('hour', (b) => withMethod(b, { hourMinor, currency }));
      }}
      onBlur={() => isRead && setText(undefined)}
    />
  );
}

interface EntryProps {
  question: Question;
  method: Method;
}

function QuestionEntry({ question, method }: EntryProps) {
  const change = useBench((b) => b.change);
  const { sentence } = useLengths();
  const field = question.field as keyof Method;
  const chosen = method[field];
  return (
    <fieldset className="flex flex-col gap-1">
      <legend className="text-sm text-soft">{question.words}</legend>
      {question.sides.map((s) => (
        <label
          key={s.value}
          className={`flex gap-2 rounded-md border px-2 py-1 text-sm leading-snug hover:bg-well ${
            chosen === s.value ? 'border-2 border-thread-deep' : 'border-line'
          }`}
        >
          <input
            type="radio"
            name={question.field}
            checked={chosen === s.value}
            onChange={() =>
              change(`method ${question.field}`, (b) => withMethod(b, { [field]: s.value }))
            }
            className="mt-0.5 accent-ink"
          />
          <span>
            <strong>{s.words}</strong>
            <span className="block text-soft">{sentence(s.reason)}</span>
          </span>
        </label>
      ))}
    </fieldset>
  );
}

function Kept({ method }: { method: Method }) {
  const mayKeep = useMay('STYLIST');
  const [name, setName] = useState('');
  const change = useBench((b) => b.change);
  const client = useQueryClient();
  const methods = useQuery(methodsQuery());
  const refresh = () => client.invalidateQueries({ queryKey: ['methods'] });
  const keep = useMutation({
    mutationFn: () => api.keepMethod({ name, method }),
    onSuccess: () => {
      setName('');
      void refresh();
    },
  });
  const remove = useMutation({ mutationFn: api.removeMethod, onSuccess: refresh });
  return (
    <section aria-label="My methods" className="flex flex-col gap-2 border-t border-line pt-3">
      <h3 className="font-semibold">My methods</h3>
      {mayKeep && (
        <div className="flex items-end gap-2">
          <span className="grow">
            <TextField
              label="Keep this one as"
              value={name}
              maxLength={80}
              onChange={(e) => setName(e.target.value)}
              error={keep.error?.message}
            />
          </span>
          <Button
            aria-label="Keep the method"
            disabled={keep.isPending}
            onClick={() => keep.mutate()}
          >
            <Save size={16} />
          </Button>
        </div>
      )}
      <ul className="flex flex-col gap-1">
        {(methods.data ?? []).map((m) => (
          <li key={m.id} className="flex gap-1">
            <Button
              className="grow justify-start"
              onClick={() => change('method', (b) => withHooking(b, { method: m.method }))}
            >
              {m.name}
            </Button>
            <a
              href={`/api/methods/${m.id}/method.json`}
              download
              aria-label={`The method ${m.name} as a file`}
              title="As a file"
              className="rounded p-2 hover:bg-well"
            >
              <FileDown size={14} />
            </a>
            {mayKeep && (
              <Button
                look="quiet"
                aria-label={`Throw away the method ${m.name}`}
                onClick={() => remove.mutate(m.id)}
              >
                <X size={14} />
              </Button>
            )}
          </li>
        ))}
      </ul>
      {mayKeep && (
        <KeptFileIn
          words="A method from a file"
          label="Method to take in"
          read={api.methodFile}
          offer="Keep this method"
          done="The method is kept."
        />
      )}
    </section>
  );
}
