import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../../api/client';
import { Button } from '../../ui/Button';
import { Card } from './Card';
import { when } from './when';

/** Where she is signed in; the owner sees everybody. */
export function SessionsCard({ isOwner }: { isOwner: boolean }) {
  const queries = useQueryClient();
  const sessions = useQuery({ queryKey: ['door', 'sessions'], queryFn: api.sessions });
  const end = useMutation({
    mutationFn: api.endSession,
    onSettled: () => queries.invalidateQueries({ queryKey: ['door'] }),
  });
  return (
    <Card title={isOwner ? 'Signed in now' : 'Where you are signed in'}>
      <ul className="divide-y divide-line">
        {sessions.data?.map((s) => (
          <li key={s.handle} className="flex items-center gap-3 py-2">
            <div className="min-w-0 flex-1">
              <p className="truncate font-semibold">
                {isOwner ? `${s.memberName}, ` : ''}
                {s.device || 'a device without a name'}
              </p>
              <p className="text-sm text-soft">
                {s.isThis ? 'this one' : `last seen ${when(s.seen)}`}, since {when(s.since)}
              </p>
            </div>
            {!s.isThis && (
              <Button
                aria-label={`End it: ${s.memberName}, ${s.device}`}
                onClick={() => end.mutate(s.handle)}
              >
                End it
              </Button>
            )}
          </li>
        ))}
      </ul>
    </Card>
  );
}
