import { useEffect, useState } from 'react';
import type { Finding } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { said } from '../../units/units';

/** Asks where the stops of a file begin at another speed than their test: nothing is changed by itself. */
export function SpeedAsked(props: { doubt: Finding | null; onAgreed: (agreed: boolean) => void }) {
  const { units } = usePreferences();
  const [all, setAll] = useState(false);
  const { doubt, onAgreed } = props;
  const open = doubt !== null && !all;
  useEffect(() => onAgreed(!open), [open, onAgreed]);
  if (doubt === null) return null;
  return (
    <section className="border-l-[3px] border-caution bg-sheet p-3 text-sm">
      <p className="max-w-[70ch]">{said(doubt, units)}</p>
      <label className="mt-2 flex min-h-8 items-center gap-2 max-md:min-h-[44px]">
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
