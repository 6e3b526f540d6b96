import type { Pair, TestDetail } from '../../api/types';
import { IntervalTape } from '../../charts/IntervalTape';
import type { Letter } from '../../charts/letters';
import { useExpectedWords } from '../../forms/useExpected';
import { usePreferences } from '../../reader/preferences';
import { Answer, Strip } from '../../ui/Layout';
import { said } from '../../units/units';
import { Sure } from './Sure';

/** What came of it, how sure that is, and its range beside what would be worth having. */
export function Headline(props: {
  pair: Pair;
  letter: Letter;
  time: boolean;
  expectation: TestDetail['expectation'];
  guesses: TestDetail['guesses'];
}) {
  const { pair, time, expectation } = props;
  const { units } = usePreferences();
  const expected = useExpectedWords();
  return (
    <Strip tone="sheet" className="flex flex-wrap justify-between gap-8 pb-1">
      <div>
        <Answer sure={<Sure pair={pair} />}>{said(pair.conclusion.sentence, units)}</Answer>
        {/* Each is a finding of its own, and says nothing where there is none. */}
        <p className="mt-1 text-[16px] font-[650] empty:hidden">{said(pair.repeats, units)}</p>
        <p className="mt-1 max-w-[46rem] text-[14.5px] text-ink-2 empty:hidden">
          {[pair.inProportion, pair.price]
            .map((f) => said(f, units))
            .filter(Boolean)
            .join(' ')}
        </p>
        {expectation && (
          <p className="mt-1.5 max-w-[46rem] text-[14.5px] text-ink-2">
            Expected before the first stop:{' '}
            <b data-as-typed className="font-[650] text-ink">
              {expected(expectation)}
            </b>
            , said {expectation.by}. {pair.expected && said(pair.expected, units)}{' '}
            {props.guesses && said(props.guesses, units)}
          </p>
        )}
      </div>
      {pair.interval && pair.difference.value !== undefined && pair.margin.value !== undefined && (
        <div className="w-[400px] max-w-full">
          <IntervalTape
            letter={props.letter}
            difference={pair.difference.value}
            low={pair.interval.low}
            high={pair.interval.high}
            level={pair.level}
            margin={pair.margin.value}
            sign={time ? 1 : -1}
            better={time ? 'harder' : 'shorter'}
            shown={time ? units.deceleration : units.distance}
          />
        </div>
      )}
    </Strip>
  );
}
