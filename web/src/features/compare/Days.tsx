import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { pooled } from '../../api/queries';
import type { SignRequest } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Folded } from '../../ui/Folded';
import { Table, Td, Th } from '../../ui/Table';
import { figure, number, said } from '../../units/units';

/** The same two configurations on other days, and what all of them come to; nothing where there was one day only. */
export function Days({ testId, request, time }: { testId: string; request: SignRequest; time: boolean }) {
  const { units } = usePreferences();
  const data = useQuery(pooled(testId, request)).data;
  if (!data || data.days.length < 2) return null;
  const shown = time ? units.deceleration : units.distance;
  return (
    <Folded
      open
      question="What did other days say?"
      note="the same two configurations, candidate less baseline"
    >
      {data.sentences.map((s) => (
        <p key={s.code} className="mb-1.5 max-w-[70ch] text-[15px]">
          {said(s, units)}
        </p>
      ))}
      <Table aria-label="The same two on several days">
        <thead>
          <tr>
            <Th>driven on</Th>
            <Th>test</Th>
            <Th numeric>difference, {shown.unit}</Th>
            <Th numeric>95 % range</Th>
          </tr>
        </thead>
        <tbody>
          {data.days.map((d) => (
            <tr key={d.testId}>
              <Td className="whitespace-nowrap">{d.drivenOn}</Td>
              <Td>
                <Link className="underline" to={`/tests/${d.testId}/compare`}>
                  {d.question}
                </Link>
              </Td>
              <Td numeric>{figure(d.difference, shown, shown.decimals + 1)}</Td>
              <Td numeric>
                {d.interval95
                  ? `${number(shown.of(d.interval95.low), shown.decimals + 1)} to ${number(shown.of(d.interval95.high), shown.decimals + 1)}`
                  : 'no verdict'}
              </Td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Folded>
  );
}
