import { useEffect, useState } from 'react';
import { usePreferences } from '../../reader/preferences';
import { number } from '../../units/units';

/** A stop further from the nominal speed does not count. */
const APART = 0.1;

/** Asks where the stops of a file begin at another speed than their test: nothing is changed by itself. */
export function SpeedAsked(props: {
  foundMps: number | null;
  testMps: number | null;
  onAgreed: (agreed: boolean) => void;
}) {
  const { units } = usePreferences();
  const [all, setAll] = useState(false);
  const { foundMps, testMps, onAgreed } = props;
  const differs = foundMps !== null && testMps !== null && Math.abs(foundMps / testMps - 1) > APART;
  useEffect(() => onAgreed(!differs || all), [differs, all, onAgreed]);
  if (!differs) return null;
  const shown = (mps: number) => `${number(units.speed.of(mps), 0)} ${units.speed.unit}`;
  return (
    <section className="border-l-[3px] border-caution bg-sheet p-3 text-sm">
      <p className="max-w-[70ch]">
        These stops begin at about <b>{shown(foundMps)}</b>, and this test is from <b>{shown(testMps)}</b>.
        Stops more than 10 % apart do not count with it. Choose a new test above, or keep them in this one all
        the same.
      </p>
      <label className="mt-2 flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          className="size-4 accent-[var(--ink)]"
          checked={all}
          onChange={(e) => setAll(e.target.checked)}
        />
        Keep them in this test all the same
      </label>
    </section>
  );
}
