import { Fragment } from 'react';
import type { StopView, TestDetail } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { figure } from '../../units/units';
import { Status } from '../../ui/Status';
import { Table, Th } from '../../ui/Table';
import { cx } from '../../ui/cx';
import { conditionWords, loadWord, stopName } from './conditions';

/** The stops by configuration and block; struck-out ones stay in their place. */
export function StopList(props: {
  detail: TestDetail;
  chosen: string;
  overlaid: ReadonlySet<string>;
  onChoose: (id: string) => void;
}) {
  const { units } = usePreferences();
  const { detail } = props;
  return (
    <Table aria-label="Stops" narrow>
      <thead>
        <tr>
          <Th>Stop</Th>
          <Th numeric>entry, {units.speed.unit}</Th>
          <Th numeric>run, {units.distance.unit}</Th>
          <Th>
            <span className="sr-only">State</span>
          </Th>
        </tr>
      </thead>
      {detail.series.map((s) => {
        const index = detail.configurations.findIndex((c) => c.id === s.configurationId);
        return (
          <tbody key={s.id}>
            <tr>
              <th
                colSpan={4}
                scope="rowgroup"
                className="border-b-[1.5px] border-ink pt-3 pb-1 text-left font-[600]"
              >
                <MarkLabel letter={letterOf(index)} /> {detail.configurations[index]?.name}
                {s.block > 1 && <span className="text-ink-3">, block {s.block}</span>}
                <span className="block text-[12.5px] font-[450] text-ink-3">
                  {conditionWords(s.conditions, units)}
                </span>
              </th>
            </tr>
            {detail.stops
              .filter((stop) => stop.seriesId === s.id)
              .map((stop, i, own) => (
                <Fragment key={stop.id}>
                  {drivenAs(stop) !== drivenAs(own[i - 1]) && <Phase stop={stop} />}
                  <Row
                    stop={stop}
                    chosen={stop.id === props.chosen}
                    overlaid={props.overlaid.has(stop.id)}
                    onChoose={props.onChoose}
                  />
                </Fragment>
              ))}
          </tbody>
        );
      })}
    </Table>
  );
}

/** As what a stop of a run was driven: its phase, the repeat of the cycle, the load, and a surface of its own. */
const drivenAs = (stop: StopView | undefined): string =>
  stop
    ? [stop.phase, stop.cycle && `cycle ${stop.cycle}`, stop.load && loadWord(stop.load), stop.surface]
        .filter(Boolean)
        .join(', ')
    : '';

function Phase({ stop }: { stop: StopView }) {
  return (
    <tr>
      <th colSpan={4} scope="rowgroup" className="px-1.5 pt-2 text-left text-[12.5px] font-[600] text-ink-2">
        {drivenAs(stop)}
      </th>
    </tr>
  );
}

function Row({
  stop,
  chosen,
  overlaid,
  onChoose,
}: {
  stop: StopView;
  chosen: boolean;
  overlaid: boolean;
  onChoose: (id: string) => void;
}) {
  const { units } = usePreferences();
  const byTime = stop.byHand?.basis === 'TIME_ONLY';
  const run = stop.measured
    ? stop.measured.distance
    : stop.byHand && !byTime
      ? { value: stop.byHand.distance?.inside }
      : {};
  const cell = 'h-[31px] border-b border-joint px-1.5';
  return (
    <tr
      aria-selected={chosen}
      className={cx(
        'cursor-pointer hover:bg-band',
        overlaid && 'bg-band',
        stop.struckOut && !chosen && 'text-ink-3',
        chosen && 'bg-ink text-on-ink hover:bg-ink',
      )}
      onClick={() => onChoose(stop.id)}
    >
      <td className={cx(cell, 'font-[600] whitespace-nowrap')}>
        <button type="button" aria-current={chosen} aria-label={stopName(stop)}>
          {stop.kind === 'SNUB' ? stopName(stop) : stop.number}
        </button>
      </td>
      <td className={cx(cell, 'text-right', stop.struckOut && 'line-through')}>
        {figure(stop.entrySpeed, units.speed)}
      </td>
      <td className={cx(cell, 'text-right font-[650]', stop.struckOut && 'line-through')}>
        {byTime
          ? `${figure(stop.value, units.deceleration)} ${units.deceleration.unit}`
          : figure(run, units.distance)}
      </td>
      <td className={cx(cell, 'whitespace-nowrap', chosen && '[&_span]:text-on-ink')}>
        <State stop={stop} />
      </td>
    </tr>
  );
}

export function State({ stop }: { stop: StopView }) {
  if (stop.struckOut) return <Status small kind="struck" word="struck out" />;
  switch (stop.validity) {
    case 'REPEAT':
      return <Status small kind="block" word="repeat" />;
    case 'NOTE':
      return <Status small kind="caution" word="valid, note" />;
    default:
      return <Status small kind="pass" word="valid" />;
  }
}
