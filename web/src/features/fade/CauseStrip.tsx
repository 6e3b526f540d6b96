import type { FadeSide } from '../../api/types';
import { colour, letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { number, said, type UnitTable } from '../../units/units';

/** How a cause looks: outline for brakes that hold, solid for pads, hatched where fluid has a part. */
function look(cause: string, letter: ReturnType<typeof letterOf>): React.CSSProperties {
  const c = colour(letter);
  if (cause === 'PAD') return { background: c, color: 'var(--on-ink)', border: `2px solid ${c}` };
  if (['FLUID', 'BOTH', 'PAD_OR_FLUID', 'FADE_OR_LESS_PRESSURE', 'PRESSED_LESS_OR_FLUID'].includes(cause))
    return {
      border: `2px solid ${c}`,
      background: `repeating-linear-gradient(135deg, ${c} 0 4px, transparent 4px 9px)`,
    };
  if (cause === 'GRIP_LIMITED' || cause === 'UNKNOWN' || cause === 'NONE_SEEN' || cause === 'TYRES_MAY_HIDE')
    return { border: `2px dashed ${c}` };
  return { border: `2px solid ${c}` };
}

/** Why, with what it is read from, how much there is to go by, and what to do. */
export function CauseStrip({ side, index, units }: { side: FadeSide; index: number; units: UnitTable }) {
  const { study } = side;
  const letter = letterOf(index);
  return (
    <section className="grid gap-2 border-t border-rule pt-3 md:grid-cols-[250px_1fr_1fr]">
      <div>
        <MarkLabel letter={letter} /> <b className="font-[600]">{side.name}</b>
        <p
          className="mt-2 px-2 py-1 text-center text-[14px] font-[650]"
          style={look(study.cause.cause, letter)}
        >
          <span className="bg-sheet px-1.5 text-ink">{side.causeWords}</span>
        </p>
        <p className="mt-1.5 text-[13px] text-ink-3">
          Confidence {study.cause.confidence.toLowerCase()}: {side.confidenceWords}.
        </p>
      </div>
      <ul className="text-[14px]">
        {study.cause.evidence.map((e) => (
          <li key={e.text.metric}>{said(e, units)}.</li>
        ))}
        {study.cause.pressedLess && <li>The brake was also pressed less hard.</li>}
      </ul>
      <div className="text-[14px]">
        <p>{said(side.answer.onset, units)}</p>
        <p>{said(side.answer.growth, units)}</p>
        {study.recovery.value !== undefined && (
          <p>After the cool-down: {number(100 * study.recovery.value, 0)} % of the reference.</p>
        )}
        <p className="mt-1 font-[600]">{side.cureWords}</p>
        <p className="text-ink-2">Cost: {side.costWords}</p>
      </div>
    </section>
  );
}
