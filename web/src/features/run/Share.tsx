import { number } from '../../units/units';
import type { LiveShare } from './traces';

const percent = (share: number) => number(100 * share, 1);

/** Front share of line pressure: held after the release, with the last stops. */
export function Share({ share }: { share: LiveShare | null }) {
  if (share?.share == null) return null;
  return (
    <p className="text-[18px] leading-snug">
      <b className="text-[26px] font-[680] tabular-nums">{percent(share.share)} %</b> of the line pressure in
      front{share.braking ? ', braking' : ''}
      {share.last.length > 0 && (
        <span className="block text-[16px] text-ink-2">
          the last {share.last.length === 1 ? 'stop' : `${share.last.length} stops`}, newest first:{' '}
          {share.last.map(percent).join(' · ')}
        </span>
      )}
    </p>
  );
}
