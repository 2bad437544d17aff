import { useStill } from './useStill';

interface Props {
  plan: string;
  /** What it is a picture of; empty where the words beside it say so. */
  alt: string;
  className?: string;
}

/** A plan's head of hair; an empty frame until there is one. */
export function Still({ plan, alt, className = '' }: Props) {
  const url = useStill(plan);
  return url ? (
    <img
      loading="lazy"
      src={url}
      alt={alt}
      className={`aspect-4/5 rounded-sm object-cover ${className}`}
    />
  ) : (
    <span aria-hidden className={`block aspect-4/5 rounded-sm bg-well ${className}`} />
  );
}
