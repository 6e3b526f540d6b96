import type { Bounded, Configuration, Trial } from '../../api/types';
import { Heading } from '../../ui/Layout';
import { Table, Td, Th } from '../../ui/Table';
import { number } from '../../units/units';

const SIGN = { EXACT: '', AT_LEAST: '≥ ', AT_MOST: '≤ ' } as const;

/** A share in per cent with the sign of what it is of the truth; why there is none as its title. */
function Share({ of }: { of: Bounded }) {
  const { value, reason } = of.figure;
  if (value === undefined) return <span title={reason}>–</span>;
  return (
    <>
      {SIGN[of.bound]}
      {number(100 * value, 0)}
    </>
  );
}

/** Visits to the rollers beside each other, before and after a change. */
export function RollerTable({ trials, sides }: { trials: Trial[]; sides: Configuration[] }) {
  const why = trials
    .flatMap(({ rollers: r }) => (r ? [r.frontImbalance, r.rearImbalance, r.frontShare, r.efficiency] : []))
    .flatMap((b) => b.figure.reason ?? []);
  return (
    <section>
      <Heading note="≥ and ≤ where a wheel locked on the rollers: its force is only known to be at least what was read">
        On the rollers
      </Heading>
      <Table>
        <thead>
          <tr>
            <Th>configuration</Th>
            <Th numeric>front, left to right, %</Th>
            <Th numeric>rear, left to right, %</Th>
            <Th numeric>front share of force, %</Th>
            <Th numeric>force over weight, %</Th>
          </tr>
        </thead>
        <tbody>
          {trials.map(
            ({ id, configurationId, rollers }) =>
              rollers && (
                <tr key={id}>
                  <Td>{sides.find((s) => s.id === configurationId)?.name}</Td>
                  <Td numeric>
                    <Share of={rollers.frontImbalance} />
                  </Td>
                  <Td numeric>
                    <Share of={rollers.rearImbalance} />
                  </Td>
                  <Td numeric>
                    <Share of={rollers.frontShare} />
                  </Td>
                  <Td numeric>
                    <Share of={rollers.efficiency} />
                  </Td>
                </tr>
              ),
          )}
        </tbody>
      </Table>
      {why.length > 0 && (
        <p className="mt-1.5 max-w-[95ch] text-[13.5px] text-ink-2">
          No figure where {[...new Set(why)].join('; ')}.
        </p>
      )}
    </section>
  );
}
