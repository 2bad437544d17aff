import type { ComponentProps } from 'react';

/** A target for wet hands. */
export function Big({ className = '', ...rest }: ComponentProps<'button'>) {
  return (
    <button
      type="button"
      className={`flex min-h-14 items-center gap-3 rounded-md border border-edge bg-ground px-4 py-2 text-left text-base hover:bg-well disabled:opacity-50 aria-pressed:border-thread-deep aria-pressed:bg-thread/30 ${className}`}
      {...rest}
    />
  );
}
