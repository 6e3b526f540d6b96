import {
  createContext,
  useContext,
  useId,
  type InputHTMLAttributes,
  type ReactNode,
  type SelectHTMLAttributes,
  type TextareaHTMLAttributes,
} from 'react';
import { cx } from './cx';

const BOX =
  'min-h-9 w-full rounded-control max-md:min-h-[44px] border-[1.5px] border-edge bg-sheet px-2.5 text-[15px] text-ink aria-invalid:border-block';

/** Ties a control to the label and the help around it. */
const Labelled = createContext<{ id?: string; 'aria-describedby'?: string; 'aria-invalid'?: true }>({});

type FieldProps = {
  label: string;
  help?: string;
  error?: string;
  className?: string;
  /** Whether what it says of itself is in the units of what somebody typed. */
  asTyped?: boolean;
  children: ReactNode;
};

/** Label above, help below, and the error in its place. */
export function Field({ label, help, error, className, asTyped, children }: FieldProps) {
  const id = useId();
  const note = `${id}note`;
  return (
    <div className={className} data-as-typed={asTyped || undefined}>
      <label htmlFor={id} className="mb-1 block text-[13px] font-[600]">
        {label}
      </label>
      <Labelled
        value={{
          id,
          ...((error || help) && { 'aria-describedby': note }),
          ...(error && { 'aria-invalid': true as const }),
        }}
      >
        {children}
      </Labelled>
      {error ? (
        <span id={note} role="alert" className="mt-1 block text-[13px] text-block">
          {error}
        </span>
      ) : (
        help && (
          <span id={note} className="mt-1 block text-[13px] text-ink-3">
            {help}
          </span>
        )
      )}
    </div>
  );
}

/** A control that names itself leaves the label to its neighbour. */
const useLabel = (ownName: string | undefined) => {
  const label = useContext(Labelled);
  return ownName ? {} : label;
};

/** @param wrong what cannot be read in it as it stands; its form is not sent before that is mended */
export function Input({
  unit,
  className,
  wrong,
  ...rest
}: InputHTMLAttributes<HTMLInputElement> & { unit?: string; wrong?: string }) {
  const label = useLabel(rest['aria-label']);
  return (
    <span className="relative block w-full">
      <input
        ref={(input) => input?.setCustomValidity(wrong ?? '')}
        {...label}
        className={cx(BOX, unit && 'pr-14', className)}
        {...rest}
      />
      {unit && (
        <span className="absolute top-1/2 right-2.5 -translate-y-1/2 text-[13px] text-ink-3">{unit}</span>
      )}
    </span>
  );
}

export function TextArea({ className, ...rest }: TextareaHTMLAttributes<HTMLTextAreaElement>) {
  const label = useLabel(rest['aria-label']);
  return <textarea {...label} className={cx(BOX, 'py-2', className)} {...rest} />;
}

export function Select({ className, ...rest }: SelectHTMLAttributes<HTMLSelectElement>) {
  const label = useLabel(rest['aria-label']);
  return <select {...label} className={cx(BOX, className)} {...rest} />;
}
