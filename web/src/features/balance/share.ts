import type { Balance, BalanceSide } from '../../api/types';

/** Of which a share is shown; the two are never mixed. */
export type Of = 'pressure' | 'force';

/** From a share of line pressure to what is shown. */
export const shareAs = (of: Of, ratio: number | undefined) => (pressure: number) =>
  of === 'pressure' || ratio === undefined
    ? pressure
    : (pressure * ratio) / (pressure * ratio + 1 - pressure);

/** The ideal at each deceleration with the half of its range, as it is shown; what is not known is left out. */
export function idealAs(of: Of, ideal: Balance['ideals'][number] | undefined) {
  return (ideal?.at ?? []).flatMap((p) => {
    const share = of === 'force' ? p.force : p.pressure.value;
    const half = of === 'force' ? p.forceHalf : p.pressureHalf;
    return share === undefined ? [] : [{ slowing: p.decelerationMps2, share, half }];
  });
}

/** The hardest that any stop slowed, m/s². */
export const hardest = (sides: BalanceSide[]) =>
  Math.max(0, ...sides.flatMap((s) => s.stops.flatMap((b) => b.share.path.map((p) => p.decelerationMps2))));
