import { useQuery } from '@tanstack/react-query';
import { api } from '../../api/client';
import { Card } from './Card';
import { DrawnCode } from './DrawnCode';

/** Where another device finds the studio. */
export function AddressCard() {
  const address = useQuery({ queryKey: ['door', 'address'], queryFn: api.doorAddress });
  const a = address.data;
  return (
    <Card title="Another device">
      {a && (
        <div className="flex flex-wrap gap-4">
          <DrawnCode path={a.qr} size={a.qrSize} words={`Leads to ${a.plain}`} />
          <div className="min-w-0 flex-1 basis-48">
            <p className="text-soft">The first time, to learn to trust the studio:</p>
            <p className="text-lg font-semibold break-all">{a.plain}</p>
            <p className="mt-3 text-soft">Ever after:</p>
            <p className="text-lg font-semibold break-all">{a.address}</p>
          </div>
          <details className="w-full">
            <summary className="cursor-pointer text-sm text-soft">What it is known by</summary>
            <p className="mt-1 font-mono text-sm break-words">{a.fingerprint}</p>
          </details>
        </div>
      )}
    </Card>
  );
}
