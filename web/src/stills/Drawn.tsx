import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useCallback } from 'react';
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
  const show = useCallback(
    (img: HTMLImageElement | null) => {
      if (!img || !picture) return;
      const url = URL.createObjectURL(picture);
      img.src = url;
      return () => URL.revokeObjectURL(url);
    },
    [picture],
  );
  return picture ? (
    <img ref={show} alt={alt} className={`rounded-md object-cover ${className}`} />
  ) : (
    <div className={`rounded-md bg-ground ${className}`} />
  );
}
