import type { Comparison } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { number, said, type UnitTable } from '../../units/units';
import { Heading, Strip } from '../../ui/Layout';
import { Table, Td } from '../../ui/Table';

/** What tells a group of stops from the test's others. */
export function groupName(group: Comparison): string {
  return `${group.nominalSpeed} ${group.phase ?? ''}`;
}

function label(group: Comparison, units: UnitTable): string {
  const speed = `From ${number(units.speed.of(group.nominalSpeed), 0)} ${units.speed.unit}`;
  return group.phase ? `${speed}, ${group.phase}` : speed;
}

/** A test that holds stops of several kinds says each verdict beside the others, and never averages over them. */
export function Together({ groups }: { groups: Comparison[] }) {
  const { units } = usePreferences();
  if (groups.length < 2) return null;
  const rows = groups.flatMap((group) => group.comparisons.map((pair) => ({ group, pair })));
  return (
    <Strip>
      <Heading note="never averaged together">Stops of several kinds, each with its own verdict</Heading>
      <Table aria-label="Verdicts of each kind of stop">
        <tbody>
          {rows.map(({ group, pair }) => (
            <tr key={groupName(group) + pair.candidateId}>
              <Td>{label(group, units)}</Td>
              <Td>{said(pair.conclusion.sentence, units)}</Td>
              <Td>{said(pair.conclusion.howSure, units)}</Td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Strip>
  );
}
