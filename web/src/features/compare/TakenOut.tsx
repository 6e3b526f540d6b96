import type { Pair } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Table, Td, Th } from '../../ui/Table';
import { number, said, signed } from '../../units/units';

const WORDS = {
  BLOCKS: 'each block for itself',
  DRIFT: 'a drift of the day taken out',
  START_TEMPERATURE: 'temperature at the start taken out',
  AMBIENT: 'temperature of the air taken out',
} as const;

/** The difference once more with what else differed taken out of it, beside the plain one. */
export function TakenOut({ pair, time }: { pair: Pair; time: boolean }) {
  const { units } = usePreferences();
  const shown = time ? units.deceleration : units.distance;
  const range = (i: { low: number; high: number } | null) =>
    i
      ? `${signed(shown.of(i.low), shown.decimals + 1)} to ${signed(shown.of(i.high), shown.decimals + 1)}`
      : '–';
  return (
    <Table aria-label="With other things taken out">
      <thead>
        <tr>
          <Th>candidate less baseline</Th>
          <Th numeric>{shown.unit}</Th>
          <Th numeric>{number(100 * pair.level, 0)} % range</Th>
          <Th>what it did</Th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <Td>plain, as it is told above</Td>
          <Td numeric>
            {pair.difference.value === undefined
              ? '–'
              : signed(shown.of(pair.difference.value), shown.decimals + 1)}
          </Td>
          <Td numeric>{range(pair.interval)}</Td>
          <Td />
        </tr>
        {pair.adjusted.map((a) => (
          <tr key={a.taken}>
            <Td>{WORDS[a.taken]}</Td>
            <Td numeric>
              {a.difference.value === undefined
                ? '–'
                : signed(shown.of(a.difference.value), shown.decimals + 1)}
            </Td>
            <Td numeric>{range(a.interval)}</Td>
            <Td>{said(a.said, units)}</Td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
