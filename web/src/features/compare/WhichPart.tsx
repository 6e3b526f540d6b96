import { useQuery } from '@tanstack/react-query';
import { factors } from '../../api/queries';
import { usePreferences } from '../../reader/preferences';
import { Loaded } from '../../ui/Loaded';
import { said } from '../../units/units';
import { MissingRun } from './MissingRun';

/** What each factor did over everything that was driven like this test; the run that is missing can be opened. */
export function WhichPart({ testId }: { testId: string }) {
  const { units } = usePreferences();
  return (
    <Loaded query={useQuery(factors(testId))} what="Reading everything that was driven alike">
      {({ series, tests, sentences, between }) => (
        <>
          <ul className="grid max-w-[75ch] gap-1.5 text-[14.5px]">
            {sentences.map((s) => (
              <li key={said(s, units)}>{said(s, units)}</li>
            ))}
          </ul>
          {between && <MissingRun testId={testId} between={between} />}
          <p className="mt-2 max-w-[75ch] text-[13px] text-ink-3">
            Main effects by least squares over {series} {series === 1 ? 'series' : 'series of stops'} in{' '}
            {tests} {tests === 1 ? 'test' : 'tests'} from this speed, as shares of the distance; parts that
            work on each other are not told.
          </p>
        </>
      )}
    </Loaded>
  );
}
