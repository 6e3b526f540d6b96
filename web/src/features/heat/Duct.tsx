import { useSearchParams } from 'react-router';
import type { Heat } from '../../api/types';
import { Field, Input } from '../../ui/Field';
import { Heading } from '../../ui/Layout';
import { inside, number, said, type UnitTable } from '../../units/units';

/** What the opening of the duct is worth, and how far to open it for a start that somebody wants. */
export function Duct({ duct, units }: { duct: NonNullable<Heat['duct']>; units: UnitTable }) {
  const [query, setQuery] = useSearchParams();
  const t = units.temperature;
  const wanted = query.get('trough');
  return (
    <section className="grid max-w-2xl gap-2 text-[14px]">
      <Heading note="a straight line through the last stops of each opening">The duct</Heading>
      <p>{said(duct.worth, units)}</p>
      <Field
        label={`Start that is wanted, ${t.unit}`}
        help={duct.wanted ? said(duct.wanted, units) : 'Gives the opening for it.'}
      >
        <Input
          inputMode="decimal"
          key={t.unit}
          defaultValue={wanted === null ? '' : number(t.of(Number(wanted)), 0)}
          onBlur={(e) => {
            const next = new URLSearchParams(query);
            const entered = Number(e.target.value);
            if (e.target.value && Number.isFinite(entered)) next.set('trough', String(inside(entered, t)));
            else next.delete('trough');
            setQuery(next, { replace: true });
          }}
        />
      </Field>
    </section>
  );
}
