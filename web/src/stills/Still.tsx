import type { ReactNode } from 'react';
import { useStill } from './useStill';

interface Props {
  plan: string;
  /** What it is a picture of; empty where the words beside it say so. */
  alt: string;
  className?: string;
  /** What is shown until there is one. */
  children?: ReactNode;
}

/** A plan's head of hair. */
export function Still({ plan, alt, className = '', children }: Props) {
  const url = useStill(plan);
  return url ? (
    <img src={url} alt={alt} className={`rounded-sm object-cover ${className}`} />
  ) : (
    children
  );
}
