import type { Assessment } from '../../api/types';
import type { Letter } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Status } from '../../ui/Status';
import { PlusMinus, Table, Td, Th } from '../../ui/Table';
import { figure, type UnitTable } from '../../units/units';

/** What was driven of every phase, by each configuration. */
export function PhaseTable({ phases, units }: { phases: Assessment['phases']; units: UnitTable }) {
  return (
    <Table aria-label="Phases">
      <thead>
        <tr>
          <Th>phase</Th>
          <Th>what is asked</Th>
          <Th>driven</Th>
          <Th numeric>again</Th>
          <Th numeric>distance, {units.distance.unit}</Th>
          <Th numeric>deceleration, {units.deceleration.unit}</Th>
        </tr>
      </thead>
      <tbody>
        {phases.flatMap((p) =>
          p.sides.map((s) => (
            <tr key={`${p.name} ${s.letter}`}>
              <Td className="font-[600]">
                <MarkLabel letter={s.letter as Letter} /> {p.name}
              </Td>
              <Td data-as-typed>{p.words}</Td>
              <Td>
                <Status
                  small
                  kind={s.counted >= p.asked ? 'pass' : s.counted > 0 ? 'caution' : 'struck'}
                  word={s.counted === 0 ? 'not yet' : `${s.counted} of ${p.asked}`}
                />
              </Td>
              <Td numeric>{s.repeated}</Td>
              <Td numeric>
                {s.meanM.value === undefined ? (
                  '–'
                ) : (
                  <PlusMinus
                    value={figure(s.meanM, units.distance)}
                    uncertainty={figure(s.halfWidthM, units.distance)}
                  />
                )}
              </Td>
              <Td numeric>{s.mfdd.value === undefined ? '–' : figure(s.mfdd, units.deceleration)}</Td>
            </tr>
          )),
        )}
      </tbody>
    </Table>
  );
}
