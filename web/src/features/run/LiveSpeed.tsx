import { useEffect, useState } from 'react';
import { usePreferences } from '../../reader/preferences';
import { number } from '../../units/units';
import { Huge } from './Huge';

const COUNT_IN_S = 3;

/** The speed as it is driven, and in one word what to do about it; for whoever counts in, never for the driver. */
export function LiveSpeed(props: { speedMps: number; askedMps: number; tolerance: number }) {
  const { speedMps, askedMps, tolerance } = props;
  const { units } = usePreferences();
  const of = (v: number) => number(units.speed.of(v), 0);
  const off = speedMps / askedMps - 1;
  const steady = Math.abs(off) <= tolerance;
  const left = useCountIn(steady);
  const cue = steady
    ? left > 0
      ? `hold it, ${left}`
      : 'hold it, brake at the cone'
    : off < 0
      ? 'faster'
      : 'too fast';
  return (
    <div className="mt-2 flex flex-wrap items-end gap-x-6">
      <Huge>{of(speedMps)}</Huge>
      <p className="pb-6 text-[26px] font-[680] max-[899px]:pb-2">
        {cue}
        <span className="block text-[18px] font-[450] text-ink-2">
          {units.speed.unit}, asked {of(askedMps)}: {of(askedMps * (1 - tolerance))} to{' '}
          {of(askedMps * (1 + tolerance))} at the cone
        </span>
      </p>
    </div>
  );
}

/** Seconds still to hold, from when the speed came into its tolerance; read out to the driver over the radio. */
function useCountIn(steady: boolean): number {
  const [left, setLeft] = useState(COUNT_IN_S);
  useEffect(() => {
    if (!steady) return;
    const since = performance.now();
    const timer = window.setInterval(
      () => setLeft(Math.max(0, Math.ceil(COUNT_IN_S - (performance.now() - since) / 1000))),
      100,
    );
    return () => {
      window.clearInterval(timer);
      setLeft(COUNT_IN_S);
    };
  }, [steady]);
  return left;
}
