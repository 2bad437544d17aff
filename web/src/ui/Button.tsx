import type { ComponentProps } from 'react';

type Look = 'plain' | 'main' | 'quiet' | 'grave';

const LOOKS: Record<Look, string> = {
  plain: 'border border-edge bg-sheet hover:bg-well',
  main: 'border border-thread-deep bg-thread text-[#11201a] font-semibold hover:brightness-105',
  quiet: 'border border-transparent hover:bg-well',
  grave: 'border border-chalk text-chalk hover:bg-chalk-wash',
};

export function Button({
  look = 'plain',
  className = '',
  ...rest
}: ComponentProps<'button'> & { look?: Look }) {
  return (
    <button
      type="button"
      className={`inline-flex min-h-8 items-center justify-center gap-1.5 rounded-md px-3 py-1 text-sm leading-tight disabled:cursor-not-allowed disabled:opacity-50 ${LOOKS[look]} ${className}`}
      {...rest}
    />
  );
}
