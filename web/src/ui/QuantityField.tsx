import { useState } from 'react';
import type { Entry, Quantity } from '../api/types';
import { usePreferences } from '../reader/preferences';
import { firstUnit } from '../units/units';
import { Field, Input, Select } from './Field';

/** What may be entered, as the core bounds it. */
export type Allowed = Pick<Entry, 'label' | 'units'> & { help?: string };

/** What is wrong with an entry, if anything. */
export function outOfBounds(entered: number, unit: string, allowed: Allowed): string | undefined {
  const of = allowed.units.find((u) => u.unit === unit);
  if (!of || (entered >= of.low && entered <= of.high)) return undefined;
  return `${entered} ${of.symbol} read. It must be ${range(of)}.`.replace('  ', ' ');
}

const range = (u: Entry['units'][number]) => `${plain(u.low)} to ${plain(u.high)} ${u.symbol}`.trim();

/** Up to three digits, with a true minus. */
const plain = (x: number) => String(Number(x.toPrecision(x >= 1000 ? 4 : 3))).replace('-', '−');

/** A number with its unit, kept as typed. Empty means not known. */
export function QuantityField(props: {
  allowed: Allowed;
  value: Quantity | null;
  error?: string;
  className?: string;
  onChange: (value: Quantity | null) => void;
}) {
  const { allowed, value } = props;
  const { system } = usePreferences();
  const [text, setText] = useState(value ? String(value.entered) : '');
  const [unit, setUnit] = useState<string>(value?.unit ?? firstUnit(allowed.units, system) ?? 'ONE');
  const set = (written: string, chosen: string) => {
    setText(written);
    setUnit(chosen);
    const entered = Number(written.replace(',', '.'));
    if (written.trim() === '') props.onChange(null);
    else if (Number.isFinite(entered)) props.onChange({ entered, unit: chosen as Quantity['unit'] });
  };
  const entered = Number(text.replace(',', '.'));
  const unreadable = Number.isFinite(entered) ? undefined : `“${text}” is not a number.`;
  const of = allowed.units.find((u) => u.unit === unit);
  const own = text.trim() === '' ? undefined : (unreadable ?? outOfBounds(entered, unit, allowed));
  return (
    <Field
      label={allowed.label}
      help={[of && range(of), allowed.help].filter(Boolean).join('. ')}
      error={own ?? props.error}
      className={props.className}
      asTyped={value !== null}
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
