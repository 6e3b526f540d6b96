import { useQuery } from '@tanstack/react-query';
import { alternatives } from '../../api/queries';
import type { SignRequest } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Loaded } from '../../ui/Loaded';
import { Status } from '../../ui/Status';
import { Table, Td } from '../../ui/Table';
import { said } from '../../units/units';

const WORDS = {
  GAIN_SHOWN: 'gain shown',
  LOSS_SHOWN: 'loss shown',
  NO_WORTHWHILE_DIFFERENCE: 'no worthwhile difference',
  NOT_SETTLED: 'not settled',
  NOT_COMPARABLE: 'no verdict',
} as const;

/** Other ways to look at the same stops, all at once and all counted: one that suits is no finding of its own. */
export function Ways({ testId, request }: { testId: string; request: SignRequest }) {
  const { units } = usePreferences();
  return (
    <Loaded query={useQuery(alternatives(testId, request))} what="Looking at it in other ways">
      {(ways) => {
        const same = ways.filter((w) => w.same).length;
        return (
          <>
            <p className="mb-2 max-w-[60ch] text-[14.5px]">
              {ways.length === 1
                ? 'Nothing can be tried: the two cannot be compared.'
                : `Looked at in ${ways.length} ways, ${same} of them say the same.`}
              {same < ways.length && ' The verdict hangs on how it is looked at: say so wherever it is told.'}
            </p>
            <Table aria-label="Other ways to look at it">
              <tbody>
                {ways.map((w) => (
                  <tr key={w.way.code}>
                    <Td>{said(w.way, units)}</Td>
                    <Td>
                      <Status kind={w.same ? 'pass' : 'caution'} word={WORDS[w.verdict]} />
                    </Td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </>
        );
      }}
    </Loaded>
  );
}
