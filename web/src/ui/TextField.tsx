import type { InputHTMLAttributes } from 'react';
import { Field, Input } from './Field';

type Props = Omit<InputHTMLAttributes<HTMLInputElement>, 'onChange' | 'value'> & {
  label: string;
  help?: string | undefined;
  error?: string | undefined;
  value: string;
  onChange: (text: string) => void;
  /** Of the box itself. */
  box?: string;
};

/** A line of text with its label: most of what people fill in. */
export function TextField({ label, help, error, className, box, onChange, ...input }: Props) {
  return (
    <Field label={label} {...(help && { help })} {...(error && { error })} {...(className && { className })}>
      <Input {...input} {...(box && { className: box })} onChange={(e) => onChange(e.target.value)} />
    </Field>
  );
}
