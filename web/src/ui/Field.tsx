import type { InputHTMLAttributes, ReactNode, SelectHTMLAttributes } from 'react';
import { cx } from './cx';

const BOX = 'min-h-9 w-full rounded-control border-[1.5px] border-edge bg-sheet px-2.5 text-[15px] text-ink';

type FieldProps = { label: string; help?: string; error?: string; className?: string; children: ReactNode };

/** Label above, help below, and the error in its place. */
export function Field({ label, help, error, className, children }: FieldProps) {
  return (
    <label className={cx('block', className)}>
      <span className="mb-1 block text-[13px] font-[600]">{label}</span>
      {children}
      {error ? (
        <span role="alert" className="mt-1 block text-[13px] text-block">
          {error}
        </span>
      ) : (
        help && <span className="mt-1 block text-[13px] text-ink-3">{help}</span>
      )}
    </label>
  );
}

export function Input({
  unit,
  className,
  ...rest
}: InputHTMLAttributes<HTMLInputElement> & { unit?: string }) {
  return (
    <span className="relative block">
      <input className={cx(BOX, unit && 'pr-14', className)} {...rest} />
      {unit && (
        <span className="absolute top-1/2 right-2.5 -translate-y-1/2 text-[13px] text-ink-3">{unit}</span>
      )}
    </span>
  );
}

export function Select({ className, ...rest }: SelectHTMLAttributes<HTMLSelectElement>) {
  return <select className={cx(BOX, className)} {...rest} />;
}
