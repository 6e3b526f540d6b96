import type { RunReview } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Status } from '../../ui/Status';
import { said } from '../../units/units';
import { wallClock } from './clock';

/** What the crew can learn: which calls of the rules they overruled, which they missed. */
export function Review({ review }: { review: RunReview }) {
  const { units } = usePreferences();
  const { remarks, byTheRules } = review;
  return (
    <section className="border-t border-rule pt-4">
      <h2 className="text-[20px] font-[650]">
        {remarks.length === 0
          ? `By the rules throughout: ${byTheRules} stops, nothing overruled, nothing missed.`
          : `${byTheRules} stops went by the rules. Talk these over:`}
      </h2>
      <ul className="mt-2 grid gap-2 text-[16px]">
        {remarks.map((r, i) => (
          <li
            key={i}
            className="grid grid-cols-[8.5rem_1fr] gap-3 border-b border-rule pb-2 max-[899px]:grid-cols-1"
          >
            <Status
              kind={r.kind === 'OVERRULED' ? 'block' : 'caution'}
              word={r.kind === 'OVERRULED' ? 'Overruled' : 'Missed'}
            />
            <span>
              {said(r.finding, units)}.{' '}
              <span className="text-ink-3">
                {r.where}, {wallClock(r.atS)}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
