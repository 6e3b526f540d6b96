import type { HeatSide, Summary } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Heading } from '../../ui/Layout';
import { number, said, span, type UnitTable } from '../../units/units';

export function Look({ sides, units }: { sides: HeatSide[]; units: UnitTable }) {
  const remarks = sides.flatMap((s, i) => [...s.study.remarks, ...s.study.alike].map((r) => ({ r, i })));
  return (
    <section>
      <Heading>Worth a look</Heading>
      {remarks.length === 0 ? (
        <p className="text-[14px]">
          Nothing can be held against each other: no axle had both discs read in two stops, and no rise can be
          predicted.
        </p>
      ) : (
        <ul className="grid gap-1.5 text-[14px]">
          {remarks.map(({ r, i }) => (
            <li key={`${i}${r.text.metric}`}>
              <MarkLabel letter={letterOf(i)} /> {said(r, units)}
            </li>
          ))}
        </ul>
      )}
      {sides.map((s, i) => {
        const { measuredFront, measuredU, layoutFront } = s.study.share;
        return (
          <p key={s.configurationId} className="mt-1.5 text-[14px]">
            <MarkLabel letter={letterOf(i)} /> Front share of the heat:{' '}
            {measuredFront.value === undefined
              ? `not known, ${measuredFront.reason ?? ''}`
              : `${number(100 * measuredFront.value, 1)} ± ${number(200 * (measuredU.value ?? 0), 1)} % measured`}
            {layoutFront.value !== undefined && `, ${number(100 * layoutFront.value, 1)} % by the layout`}.{' '}
            <FrontRear side={s} units={units} />
          </p>
        );
      })}
    </section>
  );
}

/** Front against rear discs: how much hotter, where they began and where they peaked. */
function FrontRear({ side, units }: { side: HeatSide; units: UnitTable }) {
  const { peakC, troughC } = side.study.frontRear;
  const t = units.temperature;
  const apart = (s: Summary) =>
    `${number(Math.abs(span(s.mean.value ?? 0, t)), 0)} ${t.unit} ${(s.mean.value ?? 0) < 0 ? 'cooler' : 'hotter'}${
      s.sd.value === undefined ? '' : ` (SD ${number(span(s.sd.value, t), 0)}, n ${s.n})`
    }`;
  if (peakC.n === 0) return null;
  return (
    <>
      The front discs peak {apart(peakC)} than the rear
      {troughC.n > 0 && `, and begin ${apart(troughC)}`}.
    </>
  );
}
