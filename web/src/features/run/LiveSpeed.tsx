import { usePreferences } from '../../app/preferences';
import { number } from '../../units/units';
import { Huge } from './Huge';

const TOLERANCE = 0.03;

/** The speed as it is driven, and in one word what to do about it; for whoever counts in, never for the driver. */
export function LiveSpeed({ speedMps, askedMps }: { speedMps: number; askedMps: number }) {
  const { units } = usePreferences();
  const of = (v: number) => number(units.speed.of(v), 0);
  const off = speedMps / askedMps - 1;
  const cue = off < -TOLERANCE ? 'faster' : off > TOLERANCE ? 'too fast' : 'hold it';
  return (
    <div className="mt-2 flex flex-wrap items-end gap-x-6">
      <Huge>{of(speedMps)}</Huge>
      <p className="pb-6 text-[26px] font-[680] max-[899px]:pb-2">
        {cue}
        <span className="block text-[18px] font-[450] text-ink-2">
          {units.speed.unit}, asked {of(askedMps)}: {of(askedMps * (1 - TOLERANCE))} to{' '}
          {of(askedMps * (1 + TOLERANCE))} at the cone
        </span>
      </p>
    </div>
  );
}
