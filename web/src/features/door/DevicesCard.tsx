import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../../api/client';
import { Button } from '../../ui/Button';
import { Card } from './Card';
import { when } from './when';

/** The devices that know her: a lost one is forgotten here. */
export function DevicesCard() {
  const queries = useQueryClient();
  const devices = useQuery({ queryKey: ['door', 'devices'], queryFn: api.devices });
  const forget = useMutation({
    mutationFn: api.forgetDevice,
    onSettled: () => queries.invalidateQueries({ queryKey: ['door'] }),
  });
  return (
    <Card title="Devices that know you">
      <ul className="divide-y divide-line">
        {devices.data?.map((d) => (
          <li key={d.id} className="flex items-center gap-3 py-2">
            <div className="min-w-0 flex-1">
              <p className="truncate font-semibold">{d.name || 'a device without a name'}</p>
              <p className="text-sm text-soft">
                {d.isThis ? 'this one' : `last passphrase ${when(d.signedInAt)}`}
                {d.hasDigits && ', four digits let you in'}
              </p>
            </div>
            <Button aria-label={`Forget ${d.name || 'it'}`} onClick={() => forget.mutate(d.id)}>
              Forget
            </Button>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-sm text-soft">
        Forget one that was lost or sold: your four digits end there. End its session as well.
      </p>
    </Card>
  );
}
