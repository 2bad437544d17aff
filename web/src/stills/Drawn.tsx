import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import type { Brief, Sight } from '../api/types';
import { canDrawApart } from '../viz/round/drawnApart';
import { drawn } from './make';

interface Props {
  brief: Brief;
  sight: Sight;
  alt: string;
  className?: string;
}

/** A head of hair that is only tried out: drawn for whoever looks, and kept nowhere. */
export function Drawn({ brief, sight, alt, className = '' }: Props) {
  const picture = useQuery({
    queryKey: ['drawn', brief, sight],
    queryFn: () => drawn(brief, sight),
    enabled: canDrawApart(),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  }).data;
  const url = useMemo(() => picture && URL.createObjectURL(picture), [picture]);
  useEffect(
    () => () => {
      if (url) URL.revokeObjectURL(url);
    },
    [url],
  );
  return url ? (
    <img src={url} alt={alt} className={`rounded-md object-cover ${className}`} />
  ) : (
    <div className={`rounded-md bg-ground ${className}`} />
  );
}
