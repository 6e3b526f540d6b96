import type { LimitReading } from '../api/types';
import type { Letter } from '../charts/letters';
import { MarkLabel } from '../charts/Mark';
import { Status } from '../ui/Status';
import { Table, Td, Th } from '../ui/Table';
import { figure, number, type UnitTable } from '../units/units';

const VERDICTS = {
  MET: ['pass', 'Met'],
  NOT_MET: ['block', 'Not met'],
  CANNOT_TELL: ['caution', 'Cannot tell'],
  NOT_YET_DRIVEN: ['struck', 'Not yet driven'],
} as const;

/** Limits that somebody entered, against the weakest stop of a phase. The figure is compared; the code is not judged. */
export function LimitTable(props: { rows: { letter: string; reading: LimitReading }[]; units: UnitTable }) {
  const { units } = props;
  return (
    <Table aria-label="Your limits">
      <thead>
        <tr>
          <Th>limit</Th>
          <Th>phase</Th>
          <Th numeric>stops</Th>
          <Th numeric>weakest</Th>
          <Th>reading</Th>
        </tr>
      </thead>
      <tbody>
        {props.rows.map(({ letter, reading: l }) => (
          <tr key={`${letter}${l.phase}${l.limit.what}${l.limit.source}`}>
            <Td>
              <MarkLabel letter={letter as Letter} /> {l.limit.what}{' '}
              {l.limit.atLeast ? 'at least' : 'at most'} {shown(l, l.limit.value.inside, units)} (
              {l.limit.source})
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
