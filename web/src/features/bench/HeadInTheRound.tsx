import { useQuery, keepPreviousData } from '@tanstack/react-query';
import { api } from '../../api/client';
import { HeadView } from '../../viz/HeadView';
import { useBench } from './useBench';

/** The same foundation on a head that can be turned; asked for only while it is looked at. */
export default function HeadInTheRound() {
  const brief = useBench((b) => b.brief);
  const heldRow = useBench((b) => b.heldRow);
  const solid = useQuery({
    queryKey: ['solid', brief],
    queryFn: () => api.solid(brief),
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  });
  if (!solid.data) {
    return (
      <p className="m-auto text-soft" role="status">
        {solid.error ? solid.error.message : 'Turning the head…'}
      </p>
    );
  }
  return <HeadView solid={solid.data} heldRow={heldRow} />;
}
