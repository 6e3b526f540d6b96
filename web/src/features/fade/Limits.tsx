import type { FadeSide } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { Heading } from '../../ui/Layout';
import type { UnitTable } from '../../units/units';
import { LimitTable } from '../../figures/LimitTable';

/** Limits of every phase that somebody entered, read from a fade series. */
export function Limits({ sides, units }: { sides: FadeSide[]; units: UnitTable }) {
  const rows = sides.flatMap((s, i) => s.limits.map((reading) => ({ letter: letterOf(i), reading })));
  if (rows.length === 0) return null;
  return (
    <section>
      <Heading note="the figure you entered against the weakest stop; whether that satisfies the code is for whoever inspects by it">
        Your limits
      </Heading>
      <LimitTable rows={rows} units={units} />
    </section>
  );
}
