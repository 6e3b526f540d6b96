import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { comparison, test } from '../../api/queries';
import type { Comparison } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { Button } from '../../ui/Button';
import { EmptySlab, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { Assessed } from './Assessed';
import { Compared } from './Compared';
import { groupName, Together } from './Together';

/** Which configuration stops shorter, how sure that is, and what could be wrong with it. */
export function ComparePage() {
  const { testId = '' } = useParams();
  const [query, setQuery] = useSearchParams();
  const includeStruckOut = query.get('struck') === 'in';
  const detail = useQuery(test(testId));
  const compared = useQuery({
    ...comparison(testId, query.get('baseline'), includeStruckOut),
    placeholderData: keepPreviousData,
  });
  const set = (key: string, value: string | null) => {
    const next = new URLSearchParams(query);
    if (value === null) next.delete(key);
    else next.set(key, value);
    setQuery(next, { replace: true });
  };
  return (
    <Loaded query={detail} what="Reading the test">
      {({ configurations, expectation, guesses }) => (
        <Loaded query={compared} what="Comparing the stops">
          {(data) => {
            const pair =
              data.comparisons.find((c) => c.candidateId === query.get('candidate')) ?? data.comparisons[0];
            const letters = new Map(configurations.map((c, i) => [c.id, letterOf(i)]));
            const shared = { letters, includeStruckOut, set, testId, expectation, guesses };
            return pair ? (
              <>
                <Together groups={[data, ...data.others]} />
                <Compared data={data} pair={pair} {...shared} isFirst />
                {data.others.map((group) => (
                  <OtherGroup
                    key={groupName(group)}
                    group={group}
                    candidate={query.get('candidate')}
                    shared={shared}
                  />
                ))}
              </>
            ) : (
              <Assessed testId={testId} nothing={<NothingToCompare testId={testId} />} />
            );
          }}
        </Loaded>
      )}
    </Loaded>
  );
}

/** Stops of the same test that are not like the first ones, with verdicts of their own. */
function OtherGroup(props: {
  group: Comparison;
  candidate: string | null;
  shared: Omit<Parameters<typeof Compared>[0], 'data' | 'pair' | 'isFirst'>;
}) {
  const pair =
    props.group.comparisons.find((c) => c.candidateId === props.candidate) ?? props.group.comparisons[0];
  return pair ? <Compared data={props.group} pair={pair} {...props.shared} isFirst={false} /> : null;
}

function NothingToCompare({ testId }: { testId: string }) {
  const navigate = useNavigate();
  return (
    <Strip>
      <h1 className="mb-4 text-[26px]">Nothing to compare yet</h1>
      <EmptySlab line="A second configuration will be drawn under the first. A verdict needs three stops of each.">
        <Button tone="main" onClick={() => void navigate(`/import?test=${testId}`)}>
          Bring in its stops
        </Button>
      </EmptySlab>
    </Strip>
  );
}
