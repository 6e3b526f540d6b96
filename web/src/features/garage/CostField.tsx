import { useState } from 'react';
import { Field, Input } from '../../ui/Field';

/**
 * A cost as people write it: with a sign of their currency, a space or a mark between thousands, either decimal mark.
 * What may be either of two numbers is neither.
 */
export function costOf(text: string): number | null | undefined {
  const bare = text.replace(/[\p{Sc}\p{L}\s'’]/gu, '').replace(/[.,][-–—]+$/, '');
  if (text.trim() === '') return null;
  const groups = /^(\d{1,3})((?:([.,])\d{3})(?:\3\d{3})*)?(?:([.,])(\d{1,2}))?$/.exec(bare);
  if (/^\d+([.,]\d{1,2})?$/.test(bare)) return Number(bare.replace(',', '.'));
  if (!groups) return undefined;
  const [, head, thousands = '', mark, decimalMark, decimals = '0'] = groups;
  const tellsWhich = thousands.length > 4 || decimalMark !== undefined;
  if (!tellsWhich || mark === decimalMark) return undefined;
  return Number(`${head}${thousands.replace(/[.,]/g, '')}.${decimals}`);
}

const unreadable = (text: string) => {
  const bare = text.replace(/[^\d.,]/g, '');
  const [left, right] = bare.split(/[.,]/);
  return /^\d{1,3}[.,]\d{3}$/.test(bare)
    ? `“${text}” may be ${left}${right} or ${left}.${right}. Write it without a mark, or with two decimals.`
    : `“${text}” is not a cost. Write a number, such as 660 or 1115.50.`;
};

/** What a part cost, kept as typed until it can be read. */
export function CostField(props: {
  value: number | null;
  error?: string;
  onChange: (value: number | null) => void;
}) {
  const [text, setText] = useState(props.value === null ? '' : String(props.value));
  const wrong = costOf(text) === undefined ? unreadable(text) : undefined;
  return (
    <Field label="Cost" help="In your own currency." error={wrong ?? props.error}>
      <Input
        inputMode="decimal"
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
