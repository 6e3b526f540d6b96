import { useState } from 'react';
import { Field, Input } from '../../ui/Field';

/** What was paid, and the sign or letters it was written with; null where there were none. */
export type Cost = { amount: number; currency: string | null };

/** The number of a cost, whatever stands between its thousands; what may be either of two numbers is neither. */
function amountOf(bare: string): number | undefined {
  if (/^\d+([.,]\d{1,2})?$/.test(bare)) return Number(bare.replace(',', '.'));
  const groups = /^(\d{1,3})((?:([.,])\d{3})(?:\3\d{3})*)?(?:([.,])(\d{1,2}))?$/.exec(bare);
  if (!groups) return undefined;
  const [, head, thousands = '', mark, decimalMark, decimals = '0'] = groups;
  const tellsWhich = thousands.length > 4 || decimalMark !== undefined;
  if (!tellsWhich || mark === decimalMark) return undefined;
  return Number(`${head}${thousands.replace(/[.,]/g, '')}.${decimals}`);
}

/** A cost as people write it: its currency before or after, a space or a mark between thousands, either decimal mark. */
export function costOf(text: string): Cost | null | undefined {
  if (text.trim() === '') return null;
  const signs = text.match(/\p{Sc}|\p{L}+/gu) ?? [];
  const amount = amountOf(text.replace(/[\p{Sc}\p{L}\s'’]/gu, '').replace(/[.,][-–—]*$/, ''));
  const [currency = null, another] = signs;
  if (amount === undefined || another !== undefined || (currency?.length ?? 0) > 3) return undefined;
  return { amount, currency };
}

/** A cost as it is shown, such as "1115.50 €". */
export const costWords = (amount: number, currency: string | null) =>
  [Number.isInteger(amount) ? String(amount) : amount.toFixed(2), currency ?? ''].join(' ').trim();

const unreadable = (text: string) => {
  const bare = text.replace(/[^\d.,]/g, '');
  const [left, right] = bare.split(/[.,]/);
  return /^\d{1,3}[.,]\d{3}$/.test(bare)
    ? `“${text}” may be ${left}${right} or ${left}.${right}. Write it without a mark, or with two decimals.`
    : `“${text}” is not a cost. Write a number with its currency, such as 660 € or $1115.50.`;
};

/** What a part cost, kept as typed until it can be read. */
export function CostField(props: {
  value: number | null;
  currency: string | null;
  error?: string;
  onChange: (cost: Cost | null) => void;
}) {
  const [text, setText] = useState(props.value === null ? '' : costWords(props.value, props.currency));
  const wrong = costOf(text) === undefined ? unreadable(text) : undefined;
  return (
    <Field label="Cost" help="With its currency: 660 €, $89.50." error={wrong ?? props.error}>
      <Input
        value={text}
        wrong={wrong}
        onChange={(e) => {
          setText(e.target.value);
          const cost = costOf(e.target.value);
          if (cost !== undefined) props.onChange(cost);
        }}
      />
    </Field>
  );
}
