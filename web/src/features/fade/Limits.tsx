import type { FadeSide, LimitReading } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Heading } from '../../ui/Layout';
import { Status } from '../../ui/Status';
import { Table, Td, Th } from '../../ui/Table';
import { figure, number, type UnitTable } from '../../units/units';

const VERDICTS = {
  MET: ['pass', 'Met'],
  NOT_MET: ['block', 'Not met'],
  CANNOT_TELL: ['caution', 'Cannot tell'],
} as const;

/** Limits that somebody entered, against the weakest stop of every phase. The figure is compared; the code is not judged. */
export function Limits({ sides, units }: { sides: FadeSide[]; units: UnitTable }) {
  const rows = sides.flatMap((s, i) =>
    s.limits.map((l) => ({ l, i, key: `${s.configurationId}${l.phase}` })),
  );
  if (rows.length === 0) return null;
  return (
    <section>
      <Heading note="the figure you entered against the weakest stop; whether that satisfies the code is for whoever inspects by it">
        Your limits
      </Heading>
      <Table>
        <thead>
          <tr>
            <Th>configuration</Th>
            <Th>limit</Th>
            <Th>phase</Th>
            <Th numeric>stops</Th>
            <Th numeric>weakest</Th>
            <Th>reading</Th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ l, i, key }) => (
            <tr key={`${key}${l.limit.what}`}>
              <Td>
                <MarkLabel letter={letterOf(i)} />
              </Td>
              <Td>
                {l.limit.what} {l.limit.atLeast ? 'at least' : 'at most'}{' '}
                {shown(l, l.limit.value.inside, units)} ({l.limit.source})
              </Td>
              <Td>{l.phase || '–'}</Td>
              <Td numeric>{l.n}</Td>
              <Td numeric className="font-[650]">
                {l.n > 0 ? shown(l, l.worst.value, units) : '–'}
              </Td>
              <Td>
                <Status small kind={VERDICTS[l.verdict][0]} word={VERDICTS[l.verdict][1]} />
                {l.verdict === 'CANNOT_TELL' && <span className="ml-2 text-ink-3">{l.worst.reason}</span>}
              </Td>
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  );
}

function shown(l: LimitReading, inside: number | undefined, units: UnitTable): string {
  if (inside === undefined) return '–';
  switch (l.limit.value.unit) {
    case 'METRES':
    case 'FEET':
      return `${figure({ value: inside }, units.distance, 1)} ${units.distance.unit}`;
    case 'PERCENT':
      return `${number(100 * inside, 0)} %`;
    case 'NEWTONS':
      return `${number(inside, 0)} N`;
    default:
      return `${figure({ value: inside }, units.deceleration, 2)} ${units.deceleration.unit}`;
  }
}
