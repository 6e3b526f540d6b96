import type { MeasuredStop, StopView } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import type { XAxis } from '../../charts/traces/layout';
import { figure, number, signed } from '../../units/units';
import { Button } from '../../ui/Button';
import { Key } from '../../ui/Layout';
import { EDGE_STEP_S } from './edges';

/** What moving an edge would change, and the way back. */
export function EdgeBar(props: {
  stop: StopView;
  measured: MeasuredStop;
  changeM: number | null;
  axis: XAxis;
  onKeep: () => void;
  onReset: () => void;
  onAutomatic: () => void;
}) {
  const { units } = usePreferences();
  const { stop, measured, changeM, axis } = props;
  return (
    <div className="no-print mb-2 flex min-h-10 flex-wrap items-center gap-4 text-[13px]" aria-live="polite">
      {changeM !== null ? (
        <>
          <span>
            Moved: the distance changes by{' '}
            <b>
              {signed(units.distance.of(changeM), units.distance.decimals + 1)} {units.distance.unit}
            </b>
          </span>
          <Button tone="main" className="min-h-8" onClick={props.onKeep}>
            Keep
          </Button>
          <Button className="min-h-8" onClick={props.onReset}>
            Put back
          </Button>
        </>
      ) : (
        <>
          {stop.automatic && (
            <>
              <span>
                Set by hand. Automatic: onset {number(stop.automatic.onsetS, 2)} s,{' '}
                {figure(stop.automatic.distance, units.distance)} {units.distance.unit}.
              </span>
              <Button tone="link" onClick={props.onAutomatic}>
                Put the automatic ones back
              </Button>
            </>
          )}
          {axis === 'time' && (
            <span className="ml-auto text-ink-2">
              Drag the onset or press <Key>[</Key> <Key>]</Key>: 0.01 s changes the distance by{' '}
              {number(units.distance.of((measured.entrySpeed.value ?? 0) * EDGE_STEP_S), 2)}{' '}
              {units.distance.unit}
            </span>
          )}
        </>
      )}
    </div>
  );
}
