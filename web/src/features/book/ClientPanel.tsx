import { Pencil, Plus } from 'lucide-react';
import { Link } from 'react-router';
import type { Client, PlanTile as Tile } from '../../api/types';
import { Button } from '../../ui/Button';
import { useLengths } from '../../ui/prefs';
import { PlanTile } from './PlanTile';
import { useBeginPlan } from './useBeginPlan';
import { useWords, wordOf } from '../../words';

interface Props {
  client: Client;
  plans: Tile[];
  onWrite: () => void;
}

/** One client: what she wants, what to mind, her head, her plans. */
export function ClientPanel({ client, plans, onWrite }: Props) {
  const words = useWords();
  const lengths = useLengths();
  const begin = useBeginPlan(client.id);
  const head = client.heads[0]?.measures;

  return (
    <li className="flex flex-col gap-2 rounded-lg border border-line bg-sheet p-4">
      <div className="flex items-start gap-2">
        <h2 className="min-w-0 flex-1 text-lg leading-tight font-semibold break-words">
          <Link to={`/book/clients/${client.id}`} className="hover:underline">
            {client.name}
          </Link>
        </h2>
        <Button look="quiet" onClick={onWrite} aria-label={`Change ${client.name}`}>
          <Pencil size={15} aria-hidden />
        </Button>
        <Button look="quiet" onClick={() => begin.mutate()} disabled={begin.isPending}>
          <Plus size={16} aria-hidden /> plan
        </Button>
      </div>
      {client.wishes && <p className="leading-snug">{client.wishes}</p>}
      <p className="text-sm text-soft">
        {head && <>head {lengths.say(head.roundMm ?? 0)} round · </>}
        {client.ownHair.density && `${wordOf(words.densities, client.ownHair.density)} hair`}
        {client.ownHair.conditions.map((c) => (
          <strong key={c} className="text-chalk">
            {' '}
            · ▲ {wordOf(words.conditions, c)}
          </strong>
        ))}
      </p>
      {client.notes && <p className="text-sm text-soft italic">{client.notes}</p>}
      {begin.isError && (
        <p role="alert" className="text-sm font-medium text-chalk">
          ✕ {begin.error.message}
        </p>
      )}
      <ul className="mt-auto flex flex-col gap-2">
        {plans.map((p) => (
          <PlanTile key={p.id} plan={p} />
        ))}
      </ul>
    </li>
  );
}
