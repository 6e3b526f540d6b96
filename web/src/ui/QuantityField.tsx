import { useState } from 'react';
import type { Entry, Quantity } from '../api/types';
import { Field, Input, Select } from './Field';

/** What may be entered, as the core bounds it. */
export type Allowed = Pick<Entry, 'label' | 'low' | 'high' | 'units'> & { help?: string };

/** What is wrong with an entry in its usual unit; other units are judged by the server. */
export function outOfBounds(entered: number, unit: string, allowed: Allowed): string | undefined {
  const usual = allowed.units[0];
  if (!usual || unit !== usual.unit || (entered >= allowed.low && entered <= allowed.high)) return undefined;
  return `${entered} ${usual.symbol} read. It must be ${range(allowed)}.`;
}

const range = (a: Allowed) => `${plain(a.low)} to ${plain(a.high)} ${a.units[0]?.symbol ?? ''}`.trim();

/** Up to four digits, with a true minus. */
const plain = (x: number) => String(Number(x.toPrecision(4))).replace('-', '−');

/** A number with its unit, kept as typed. Empty means not known. */
export function QuantityField(props: {
  allowed: Allowed;
  value: Quantity | null;
  error?: string;
  className?: string;
  onChange: (value: Quantity | null) => void;
}) {
  const { allowed, value } = props;
  const usual = allowed.units[0]?.unit ?? 'ONE';
  const [text, setText] = useState(value ? String(value.entered) : '');
  const [unit, setUnit] = useState<string>(value?.unit ?? usual);
  const set = (written: string, chosen: string) => {
    setText(written);
    setUnit(chosen);
    const entered = Number(written.replace(',', '.'));
    if (written.trim() === '') props.onChange(null);
    else if (Number.isFinite(entered)) props.onChange({ entered, unit: chosen as Quantity['unit'] });
  };
  const entered = Number(text.replace(',', '.'));
  const unreadable = Number.isFinite(entered) ? undefined : `“${text}” is not a number.`;
  const own = text.trim() === '' ? undefined : (unreadable ?? outOfBounds(entered, unit, allowed));
  return (
    <Field
      label={allowed.label}
      help={[range(allowed), allowed.help].filter(Boolean).join('. ')}
      error={own ?? props.error}
      className={props.className}
    >
      <span className="flex gap-2">
        <Input
          inputMode="decimal"
          value={text}
          wrong={unreadable}
          onChange={(e) => set(e.target.value, unit)}
        />
        {allowed.units.length > 1 && (
          <Select
            aria-label={`Unit of ${allowed.label.toLowerCase()}`}
            className="w-24 flex-none"
            value={unit}
            onChange={(e) => set(text, e.target.value)}
          >
            {allowed.units.map((u) => (
              <option key={u.unit} value={u.unit}>
                {u.symbol || 'ratio'}
              </option>
            ))}
          </Select>
        )}
      </span>
    </Field>
  );
}
