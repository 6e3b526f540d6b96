import { number, type UnitTable } from '../../units/units';
import { colour } from '../letters';
import { MarkAt, MarkLabel } from '../Mark';
import { valueAt, yOf, type Curve, type Pane } from './layout';
import type { Common } from './Pane';

const titleOf = (pane: Pane) =>
  pane.kind === 'pressure' ? 'Front / rear' : pane.kind === 'temperature' ? 'Left / right' : pane.name;

/** What each curve reads in a pane where the cursor stands, in the reader's unit. */
function readings(pane: Pane, curves: Curve[], xs: Common['xs'], cursor: number, units: UnitTable) {
  return curves
    .filter((c) => c.weight !== 'sibling')
    .slice(0, pane.height > 100 ? 4 : 2)
    .flatMap((curve) => {
      const values = pane.lines.flatMap((l) => {
        const v = curve.trace.lines[l];
        return v ? [units[pane.kind].of(valueAt(xs.get(curve) ?? [], v, cursor))] : [];
      });
      const [first] = values;
      if (first === undefined) return [];
      return [{ curve, first, words: values.map((v) => number(v, pane.decimals)).join(' / ') }];
    });
}

/** The points under the cursor, with their values beside the pane where there is room for them. */
export function Readout({
  pane,
  curves,
  xs,
  cursor,
  x,
  right,
  width,
  units,
  beside,
}: Common & { pane: Pane; cursor: number; width: number; beside: boolean }) {
  const y = yOf(pane);
  return (
    <g>
      {beside && (
        <text className="note" x={right + 22} y={pane.y + 18}>
          {titleOf(pane)}
          <tspan className="soft" dx={5}>
            {units[pane.kind].unit}
          </tspan>
        </text>
      )}
      {readings(pane, curves, xs, cursor, units).map(({ curve: c, first, words }, i) => {
        const yy = pane.y + 38 + i * 22;
        const big = c.weight === 'chosen';
        return (
          <g key={`${c.letter}${c.number}`}>
            <circle
              cx={x(cursor)}
              cy={y(first)}
              r={3.6}
              fill="var(--sheet)"
              stroke={colour(c.letter)}
              strokeWidth={2}
            />
            {beside && (
              <>
                <MarkAt letter={c.letter} x={right + 28} y={yy - 2} width={big ? 2.2 : 1.6} />
                <text className="note" x={right + 42} y={yy + 3}>
                  {c.letter} {c.number}
                </text>
                <text
                  x={width}
                  y={yy + 4}
                  textAnchor="end"
                  style={{ fontSize: big ? 20 : 14, fontWeight: big ? 680 : 450 }}
                >
                  {words}
                </text>
              </>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** The same values below the picture, for a screen as narrow as a phone's. */
export function ReadoutBelow(props: {
  panes: Pane[];
  curves: Curve[];
  xs: Common['xs'];
  cursor: number;
  at: string;
  units: UnitTable;
}) {
  const { panes, curves, xs, cursor, units } = props;
  return (
    <dl className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2 text-sm">
      <div className="col-span-2 border-b border-ink pb-1 font-[600]">At {props.at}</div>
      {panes.map((pane) => (
        <div key={pane.name}>
          <dt className="text-[12.5px] text-ink-3">
            {titleOf(pane)} {units[pane.kind].unit}
          </dt>
          {readings(pane, curves, xs, cursor, units).map(({ curve: c, words }) => (
            <dd key={`${c.letter}${c.number}`} className="flex items-baseline justify-between gap-2">
              <span>
                <MarkLabel letter={c.letter} /> {c.number}
              </span>
              <b className="font-[650]">{words}</b>
            </dd>
          ))}
        </div>
      ))}
    </dl>
  );
}
