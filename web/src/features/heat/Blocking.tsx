import { useSearchParams } from 'react-router';
import type { Heat } from '../../api/types';
import { Field, Input } from '../../ui/Field';
import { Heading } from '../../ui/Layout';
import { number, span, type UnitTable } from '../../units/units';

export function Blocking({ blocking, units }: { blocking: NonNullable<Heat['blocking']>; units: UnitTable }) {
  const [query, setQuery] = useSearchParams();
  const t = units.temperature;
  const per = (v: number | undefined) => number(span(v ?? 0, t), 2);
  return (
    <section className="grid max-w-2xl gap-2 text-[14px]">
      <Heading note="a straight line through the last stops of each opening">The duct</Heading>
      <p>
        Each % more opening changes the trough by {per(blocking.troughPer.value)} {t.unit} (
        {per(blocking.troughLow.value)} to {per(blocking.troughHigh.value)}) and the peak by{' '}
        {per(blocking.peakPer.value)} {t.unit} ({per(blocking.peakLow.value)} to{' '}
        {per(blocking.peakHigh.value)}
        ).
      </p>
      <Field
        label={`Trough that is wanted, °C`}
        help={
          blocking.openingFor === null
            ? 'Gives the opening for it.'
            : blocking.openingFor.value === undefined
              ? `Not computed: ${blocking.openingFor.reason ?? ''}.`
              : `Leave ${number(blocking.openingFor.value, 0)} % of the duct open.`
        }
      >
        <Input
          inputMode="decimal"
          defaultValue={query.get('trough') ?? ''}
          onBlur={(e) => {
            const next = new URLSearchParams(query);
            if (e.target.value && Number.isFinite(Number(e.target.value))) next.set('trough', e.target.value);
            else next.delete('trough');
            setQuery(next, { replace: true });
          }}
        />
      </Field>
    </section>
  );
}
