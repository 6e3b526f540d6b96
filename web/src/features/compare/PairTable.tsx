import type { Pair } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { figure, number, signed } from '../../units/units';
import { Table, Td } from '../../ui/Table';

/** The statistics behind the sentence, for whoever wants to check them. */
export function PairTable({ pair, time }: { pair: Pair; time: boolean }) {
  const { units } = usePreferences();
  const shown = time ? units.deceleration : units.distance;
  const plain = (f: { value?: number }, decimals: number) =>
    f.value === undefined ? '–' : number(f.value, decimals);
  if (!pair.interval95) return null;
  const rows: [string, string][] = [
    [
      `difference, ${shown.unit}`,
      pair.difference.value === undefined ? '–' : signed(shown.of(pair.difference.value), shown.decimals + 1),
    ],
    [
      'difference, % of the baseline',
      pair.differencePercent.value === undefined ? '–' : signed(pair.differencePercent.value, 1),
    ],
    ['Welch t (degrees of freedom)', `${plain(pair.welchT, 2)} (${plain(pair.degreesOfFreedom, 1)})`],
    [
      'p, p by permutation, p after Holm',
      `${small(pair.p.value)}, ${small(pair.permutationP.value)}, ${small(pair.holmP.value)}`,
    ],
    ['effect size, Hedges g', plain(pair.hedgesG, 1)],
    [
      'spread, candidate to baseline',
      pair.sdRatioInterval
        ? `${plain(pair.sdRatio, 2)} (${number(pair.sdRatioInterval.low, 2)} to ${number(pair.sdRatioInterval.high, 2)}), p ${small(pair.brownForsytheP.value)}`
        : plain(pair.sdRatio, 2),
    ],
    [`instruments cannot see below, ${shown.unit}`, figure(pair.instrumentFloor, shown, shown.decimals + 1)],
  ];
  return (
    <details className="mt-4">
      <summary className="cursor-pointer text-[13px] text-ink-2">The statistics</summary>
      <Table className="mt-2 max-w-xl">
        <tbody>
          {rows.map(([name, value]) => (
            <tr key={name}>
              <Td>{name}</Td>
              <Td numeric>{value}</Td>
            </tr>
          ))}
        </tbody>
      </Table>
    </details>
  );
}

const small = (p: number | undefined) => (p === undefined ? '–' : p < 0.001 ? 'under 0.001' : number(p, 3));
