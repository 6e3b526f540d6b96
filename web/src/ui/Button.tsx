import { cva, type VariantProps } from 'class-variance-authority';
import type { ButtonHTMLAttributes } from 'react';
import { cx } from './cx';

const button = cva(
  'inline-flex min-h-9 max-md:min-h-[44px] items-center justify-center gap-2 rounded-control px-4 text-[15px] font-[620] disabled:opacity-45',
  {
    variants: {
      tone: {
        main: 'bg-ink text-on-ink',
        second: 'bg-transparent text-ink shadow-[inset_0_0_0_1.5px_var(--edge)]',
        link: 'min-h-0 max-md:min-h-[44px] rounded-none border-b border-edge px-0 text-[13px] font-[450] text-ink-2',
      },
      pressed: { true: 'bg-ink text-on-ink', false: '' },
    },
    defaultVariants: { tone: 'second' },
  },
);

type Props = ButtonHTMLAttributes<HTMLButtonElement> & VariantProps<typeof button>;

export function Button({ tone, pressed, className, ...rest }: Props) {
  return (
    <button
      type="button"
      aria-pressed={pressed ?? undefined}
      className={cx(button({ tone, pressed }), className)}
      {...rest}
    />
  );
}
