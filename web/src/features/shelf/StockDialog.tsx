import { useState } from 'react';
import { Problem } from '../../api/problems';
import type { ColourStock, HairLine } from '../../api/types';
import { parseAmount } from '../../lib/amount';
import { newId } from '../../lib/id';
import { ByScale } from '../../outside';
import { Button } from '../../ui/Button';
import { Choice, TextField } from '../../ui/Field';
import { Modal } from '../../ui/Modal';
import { Peg } from './Peg';
import { useStock } from './useStock';

type What = 'BOUGHT' | 'OPENED' | 'WASHED' | 'LOST' | 'LEFT_OVER' | 'WEFT';

const WHATS: { value: What; words: string; unit: string }[] = [
  { value: 'BOUGHT', words: 'packs came', unit: 'packs' },
  { value: 'OPENED', words: 'packs were opened', unit: 'packs' },
  { value: 'LEFT_OVER', words: 'loops are left over', unit: 'loops' },
  { value: 'WASHED', words: 'loops were washed and kept', unit: 'loops' },
  { value: 'LOST', words: 'loops are lost or spoilt', unit: 'loops' },
  { value: 'WEFT', words: 'weft came', unit: 'cm' },
];

interface Props {
  line: HairLine;
  stock: ColourStock[];
  grades: { value: string; words: string }[];
  onClose: () => void;
}

/** What came of one line, or went. Nothing is written over: each is put down as it happened. */
export function StockDialog({ line, stock, grades, onClose }: Props) {
  const [colour, setColour] = useState(line.colours[0] ?? '');
  const [what, setWhat] = useState<What>('BOUGHT');
  const [amount, setAmount] = useState('1');
  const [lot, setLot] = useState('');
  const [grade, setGrade] = useState(grades[0]?.value ?? 'GOOD');
  const [id, setId] = useState(newId);
  const { move } = useStock();
  const figure = parseAmount(amount) ?? null;
  const problem = move.error instanceof Problem ? move.error : undefined;
  const isPacks = what === 'BOUGHT' || what === 'OPENED';
  const hers = stock.filter((s) => s.lineId === line.id);
  return (
    <Modal
      title={line.name}
      lead="What came, and what went."
      isOpen
      onClose={onClose}
      hasEntries={lot !== ''}
    >
      <div>
        {hers.map((s) => (
          <Peg key={s.colour} stock={s} />
        ))}
      </div>
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (figure === null) return;
          move.mutate(
            {
              id,
              good: {
                kind: what === 'WEFT' ? 'WEFT' : isPacks ? 'PACKS' : 'LOOPS',
                lineId: line.id,
                colour,
                lot,
                packLoops: null,
                grade: what === 'WASHED' ? (grade as 'GOOD') : null,
                what: null,
              },
              why: what === 'WEFT' ? 'BOUGHT' : what,
              amount: figure,
              stylistId: null,
              note: null,
            },
            { onSuccess: () => setId(newId()) },
          );
        }}
      >
        <div className="grid grid-cols-2 gap-3">
          <Choice
            label="What happened"
            value={what}
            options={WHATS}
            onChoose={setWhat}
            error={problem?.at('why')?.message}
          />
          <Choice
            label="Colour"
            value={colour}
            options={line.colours.map((c) => ({ value: c, words: c }))}
            onChoose={setColour}
            error={problem?.at('good.colour')?.message}
          />
          <TextField
            label={`How many ${WHATS.find((w) => w.value === what)?.unit}`}
            inputMode="decimal"
            value={amount}
            onChange={(e) => setAmount(e.target.value)}
            error={figure === null ? 'A number, 3 say' : problem?.at('amount')?.message}
          />
          {what === 'WASHED' ? (
            <Choice label="How they are" value={grade} options={grades} onChoose={setGrade} />
          ) : (
            <TextField
              label="Lot, if it says"
              value={lot}
              onChange={(e) => setLot(e.target.value)}
            />
          )}
        </div>
        {!isPacks && what !== 'WEFT' && (
          <ByScale lineId={line.id} onWeighed={(loops) => setAmount(String(loops))} />
        )}
        {problem && problem.fields.length === 0 && (
          <p role="alert" className="font-medium text-chalk">
            ✕ {problem.message}
          </p>
        )}
        <div className="flex items-center gap-3">
          <Button look="main" type="submit" disabled={move.isPending || figure === null}>
            Put down
          </Button>
          <Button onClick={onClose}>Close</Button>
          {move.isSuccess && <span role="status">Put down.</span>}
        </div>
      </form>
    </Modal>
  );
}
