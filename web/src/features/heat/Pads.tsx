import type { HeatSide } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Heading } from '../../ui/Layout';
import { number, span, said, type UnitTable } from '../../units/units';

export function Pads({ sides, units }: { sides: HeatSide[]; units: UnitTable }) {
  return (
    <section>
      <Heading note="shares of the brake energy, by the temperature each stop began at">
        The front pads
      </Heading>
      {sides.map((s, i) => (
        <p key={s.configurationId} className="mb-1.5 text-[14px]">
          <MarkLabel letter={letterOf(i)} />{' '}
          {s.window?.inside.value === undefined ? (
            `${s.window?.inside.reason ?? 'no window is known of these pads; enter it in the garage'}.`
          ) : (
            <>
              <b className="font-[650]">{said(s.window.words, units)}</b>{' '}
              {number(100 * (s.window.below.value ?? 0), 0)} % below it,{' '}
              {number(100 * s.window.inside.value, 0)} % inside,{' '}
              {number(100 * (s.window.above.value ?? 0), 0)} % above; the hottest peak was{' '}
              {number(Math.abs(span(s.window.marginC.value ?? 0, units.temperature)), 0)}{' '}
              {units.temperature.unit} {(s.window.marginC.value ?? 0) < 0 ? 'over' : 'under'} its top.{' '}
              {said(s.window.asksFor, units)}
            </>
          )}
        </p>
      ))}
    </section>
  );
}
