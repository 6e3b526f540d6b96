import type { StopView, TestDetail } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { letterOf } from '../../charts/letters';
import type { XAxis } from '../../charts/traces/layout';
import { figure, twice } from '../../units/units';
import { Button } from '../../ui/Button';
import { Segments } from '../../ui/Segments';
import { AsGiven, Words } from './Figures';
import { LoggedStop } from './LoggedStop';
import { stopName } from './conditions';

type ChosenProps = {
  detail: TestDetail;
  stop: StopView;
  overlaid: ReadonlySet<string>;
  axis: XAxis;
  onAxis: (axis: XAxis) => void;
  onOverlay: () => void;
  onStrike: () => void;
};

/** One stop, logged or measured by hand, with what can be done to it. */
export function ChosenStop({ detail, stop, overlaid, axis, onAxis, onOverlay, onStrike }: ChosenProps) {
  const { units } = usePreferences();
  const letterFor = (s: StopView) =>
    letterOf(
      detail.configurations.findIndex(
        (c) => c.id === detail.series.find((x) => x.id === s.seriesId)?.configurationId,
      ),
    );
  const letter = letterFor(stop);
  const bar = (
    <div className="no-print flex flex-wrap gap-2">
      {stop.measured && (
        <>
          <Segments
            label="Horizontal axis"
            value={axis}
            options={[
              ['time', 'Time'],
              ['distance', 'Distance'],
            ]}
            onChange={onAxis}
          />
          <Button className="min-h-8" pressed={overlaid.has(stop.id)} onClick={onOverlay}>
            Overlay
          </Button>
        </>
      )}
      <Button className="min-h-8" onClick={onStrike}>
        {stop.struckOut ? 'Bring back' : 'Strike out'}
      </Button>
    </div>
  );
  if (!stop.measured) {
    const time = stop.byHand?.basis === 'TIME_ONLY';
    const shown = time ? units.deceleration : units.distance;
    return (
      <>
        <div className="flex flex-wrap items-start justify-between gap-4">
          <h1 className="text-2xl">
            {stopName(stop)} of {letter}
            {stop.value.value === undefined
              ? ', not measured'
              : `: ${figure(stop.value, shown)} ± ${figure(twice(stop.uncertainty), shown)} ${shown.unit}`}
            {time && ' by stopwatch'}
            {!time &&
              stop.value.value !== undefined &&
              (stop.entrySpeed.value === undefined
                ? ', as driven: nobody wrote down the entry speed'
                : ', corrected for entry speed')}
          </h1>
          {bar}
        </div>
        <div className="mt-6 max-w-2xl">{stop.byHand && <AsGiven entry={stop.byHand} />}</div>
        <Words stop={stop} measured={null} />
      </>
    );
  }
  return (
    <LoggedStop detail={detail} stop={stop} overlaid={overlaid} axis={axis} letterFor={letterFor} bar={bar} />
  );
}
