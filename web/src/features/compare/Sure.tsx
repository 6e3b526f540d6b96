import type { Pair } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { said } from '../../units/units';

/** How sure the verdict is, under its sentence. */
export function Sure({ pair }: { pair: Pair }) {
  const { units } = usePreferences();
  const { howSure, range } = pair.conclusion;
  return (
    <>
      {pair.interval && <b className="font-[650] text-ink">{said(howSure, units)}.</b>} {said(range, units)}
    </>
  );
}
