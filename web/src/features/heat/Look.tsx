import type { HeatSide } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Heading } from '../../ui/Layout';
import { said, type UnitTable } from '../../units/units';

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
      {sides.map((s, i) => (
        <p key={s.configurationId} className="mt-1.5 text-[14px]">
          <MarkLabel letter={letterOf(i)} /> {said(s.answer.share, units)} {said(s.answer.frontRear, units)}
        </p>
      ))}
    </section>
  );
}
