import { figure, number, type UnitTable, said } from '../../units/units';
import { isShown, type LaneMark, type LaneRow } from './layout';

/** What the car's outline says where there is room for it. */
export function carriedWords(rows: LaneRow[], units: UnitTable): string {
  const candidate = rows.find((r) => isShown(r.pair));
  const baseline = rows[0];
  const carried = candidate?.pair?.speedStillCarried.value;
  const difference = candidate?.pair?.difference.value;
  if (!baseline || !candidate || carried === undefined || difference === undefined) return '';
  const [stopped, going] = difference < 0 ? [candidate, baseline] : [baseline, candidate];
  return `Where ${stopped.letter} has already stopped, ${going.letter} would still be doing ${number(units.speed.of(carried), 0)} ${units.speed.unit}.`;
}

/** The picture in a sentence. */
export function sentence(rows: LaneRow[], marks: LaneMark[], units: UnitTable): string {
  const u = units.distance;
  const means = rows.map(
    (r) =>
      `${r.letter}, ${r.side.configuration}, stopped at ${figure(r.side.mean, u)} ± ${figure(r.side.halfWidth95, u)} ${u.unit}`,
  );
  const shown = rows.find((r) => isShown(r.pair));
  const carried = shown?.pair?.speedStillCarried.value;
  const last =
    carried !== undefined
      ? `; where the shorter has stopped, the longer was doing ${number(units.speed.of(carried), 0)} ${units.speed.unit}`
      : '';
  const others = marks.map((m) => `; ${m.label} at ${number(u.of(m.metres), u.decimals)} ${u.unit}`);
  return `Lane, seen from above, to scale. ${means.join('; ')}${last}${others.join('')}.`;
}

export function tableOf(rows: LaneRow[], marks: LaneMark[], units: UnitTable) {
  return {
    head: ['configuration and stop', `distance, ${units.distance.unit}`, 'counts'],
    rows: [
      ...rows.flatMap((r) =>
        r.side.stops.map((s) => [
          `${r.letter}, stop ${s.number}`,
          number(units.distance.of(s.value), units.distance.decimals),
          s.why ? said(s.why, units) : 'yes',
        ]),
      ),
      ...marks.map((m) => [
        m.label,
        number(units.distance.of(m.metres), units.distance.decimals),
        'measured by others',
      ]),
    ],
  };
}
