import type { HeatSide } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Heading } from '../../ui/Layout';
import { Table, Td, Th } from '../../ui/Table';
import { number, type UnitTable } from '../../units/units';

/** Fronts only: a disc cools faster the faster it is driven through the air. */
export function CoolingBySpeed({ sides, units }: { sides: HeatSide[]; units: UnitTable }) {
  const speeds = sides[0]?.coolingAt.map((c) => c.speedMps) ?? [];
  if (sides.every((s) => Object.keys(s.cooling).length === 0)) return null;
  return (
    <section>
      <Heading note="time constant of the front discs with its 95 % range, by 1/τ = c0 + c1·v^0.8 through cool-downs at different speeds">
        Cooling by speed
      </Heading>
      <Table>
        <thead>
          <tr>
            <Th>configuration</Th>
            {speeds.map((v) => (
              <Th numeric key={v}>
                {v === 0 ? 'standing' : `${number(units.speed.of(v), 0)} ${units.speed.unit}`}, s
              </Th>
            ))}
          </tr>
        </thead>
        <tbody>
          {sides.map((s, i) => {
            const why = s.coolingAt.every((c) => c.tauS.value === undefined) && s.coolingAt[0]?.tauS.reason;
            return (
              <tr key={s.configurationId}>
                <Td>
                  <MarkLabel letter={letterOf(i)} />
                </Td>
                {why ? (
                  <Td colSpan={speeds.length} className="text-ink-3">
                    not computed: {why}
                  </Td>
                ) : (
                  s.coolingAt.map((c) => (
                    <Td numeric key={c.speedMps}>
                      <At at={c} />
                    </Td>
                  ))
                )}
              </tr>
            );
          })}
        </tbody>
      </Table>
    </section>
  );
}

function At({ at }: { at: HeatSide['coolingAt'][number] }) {
  if (at.tauS.value === undefined) return <span className="text-ink-3">{at.tauS.reason}</span>;
  return (
    <>
      <b className="font-[650]">{number(at.tauS.value, 0)}</b>{' '}
      <span className="text-ink-3">
        {number(at.lowS.value ?? 0, 0)}{' '}
        {at.highS.value === undefined ? 'or more' : `to ${number(at.highS.value, 0)}`}
        {at.extrapolated && ', not driven'}
      </span>
    </>
  );
}
