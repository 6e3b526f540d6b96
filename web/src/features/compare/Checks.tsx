import type { Check } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { said } from '../../units/units';
import { Status } from '../../ui/Status';
import { Table, Td } from '../../ui/Table';

const WORDS = {
  PASS: ['pass', 'Pass'],
  CAUTION: ['caution', 'Caution'],
  BLOCK: ['block', 'Blocks'],
  NOT_KNOWN: ['unknown', 'Not known'],
} as const;

/** What could be wrong with a comparison, check by check. */
export function Checks({ checks }: { checks: Check[] }) {
  const { units } = usePreferences();
  return (
    <Table aria-label="Checks">
      <tbody>
        {checks.map((c) => (
          <tr key={c.code + c.evidence.text.metric}>
            <Td className="w-28 whitespace-nowrap">
              <Status kind={WORDS[c.level][0]} word={WORDS[c.level][1]} />
            </Td>
            <Td>{said(c.title, units)}</Td>
            <Td numeric className="text-[13px] text-ink-3">
              {said(c.evidence, units)}
            </Td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
