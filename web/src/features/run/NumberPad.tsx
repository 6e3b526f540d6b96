import { useEffect } from 'react';
import { cx } from '../../ui/cx';

export type PadField = { key: string; label: string; unit: string; hint?: string; low: number; high: number };

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', 'back'];

const outside = (f: PadField, text: string) =>
  text !== '' && !(Number(text) >= f.low && Number(text) <= f.high);

const range = (f: PadField) => `${f.low} to ${f.high}`.replaceAll('-', '−');

/** Values typed with gloves: one list, one pad, and the keyboard's digits too. */
export function NumberPad(props: {
  fields: PadField[];
  values: Record<string, string>;
  active: string;
  onActive: (key: string) => void;
  onChange: (values: Record<string, string>) => void;
}) {
  const { fields, values, active, onActive, onChange } = props;
  const type = (key: string) => {
    const now = values[active] ?? '';
    if (key === 'back') onChange({ ...values, [active]: now.slice(0, -1) });
    else if (now.length < 7 && !(key === '.' && now.includes('.')))
      onChange({ ...values, [active]: now + key });
  };
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.target instanceof HTMLInputElement) return;
      if (/^[0-9.,]$/.test(e.key)) type(e.key === ',' ? '.' : e.key);
      else if (e.key === 'Backspace') type('back');
      else if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
        const step = e.key === 'ArrowDown' ? 1 : fields.length - 1;
        const at = fields.findIndex((f) => f.key === active);
        onActive(fields[(at + step) % fields.length]?.key ?? active);
      } else return;
      e.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
  return (
    <div className="grid gap-3 sm:grid-cols-[1fr_1fr]">
      <div role="group" aria-label="Values" className="grid grid-cols-2 content-start gap-1.5 sm:grid-cols-1">
        {fields.map((f) => {
          const text = values[f.key] ?? '';
          return (
            <button
              key={f.key}
              type="button"
              aria-pressed={active === f.key}
              onClick={() => onActive(f.key)}
              className={cx(
                'flex min-h-14 items-center justify-between gap-2 rounded-control px-2.5 text-left text-[16px] leading-tight',
                active === f.key ? 'bg-ink text-on-ink' : 'shadow-[inset_0_0_0_1.5px_var(--edge)]',
              )}
            >
              <span>
                {f.label}
                <span className="block text-[13px] opacity-80">
                  {outside(f, text) ? `must be ${range(f)}` : (f.hint ?? range(f))}
                </span>
              </span>
              <b className="text-[22px] font-[650] tabular-nums">
                {text || '–'} <span className="text-[15px] font-[450]">{f.unit}</span>
              </b>
            </button>
          );
        })}
      </div>
      <div role="group" aria-label="Digits" className="grid grid-cols-3 content-start gap-2">
        {KEYS.map((k) => (
          <button
            key={k}
            type="button"
            aria-label={k === 'back' ? 'delete' : k === '.' ? 'point' : k}
            onClick={() => type(k)}
            className="min-h-14 rounded-control text-[26px] sm:min-h-16 font-[620] shadow-[inset_0_0_0_1.5px_var(--edge)] active:bg-band"
          >
            {k === 'back' ? '⌫' : k}
          </button>
        ))}
      </div>
    </div>
  );
}

/** Whether everything that was typed lies where it can. */
export const allInside = (fields: PadField[], values: Record<string, string>) =>
  fields.every((f) => !outside(f, values[f.key] ?? ''));
