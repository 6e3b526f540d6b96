import type { KeyboardEvent } from 'react';
import { figure, number, type UnitTable, said } from '../../units/units';
import { colour, textColour } from '../letters';
import { MarkAt } from '../Mark';
import { NARROW_ROW, WIDE_ROW, type LaneRow, type Stopped } from './layout';

type RowProps = {
  narrow: boolean;
  row: LaneRow;
  y: number;
  at: (m: number) => number;
  units: UnitTable;
  onChoose: (s: Stopped) => void;
};

/** One configuration: its name and mean, and a stroke per stop. */
export function Row({ row, y, at, units, onChoose, narrow }: RowProps) {
  const { side, letter } = row;
  const ROW = narrow ? NARROW_ROW : WIDE_ROW;
  const centre = narrow ? y + ROW - 24 : y + ROW / 2;
  const words = narrow ? y + 24 : centre;
  const mean = side.mean.value;
  const half = side.halfWidth95.value;
  const left = at(0) + 22;
  const away = [
    `${side.n} ${side.n === 1 ? 'stop' : 'stops'}`,
    side.struckOut > 0 && `${side.struckOut} struck out`,
    side.repeat > 0 && `${side.repeat} to repeat`,
  ].filter(Boolean);
  return (
    <g>
      {mean !== undefined && half !== undefined && (
        <rect
          x={at(mean - half)}
          y={narrow ? y + ROW - 46 : y + 5}
          width={at(mean + half) - at(mean - half)}
          height={narrow ? 44 : ROW - 10}
          fill={colour(letter)}
          style={{ fillOpacity: 'var(--band-a)' }}
        />
      )}
      <Strokes row={row} centre={centre} at={at} units={units} onChoose={onChoose} />
      {mean !== undefined && (
        <rect
          x={at(mean) - 1.75}
          y={narrow ? y + ROW - 48 : y + 1}
          width={3.5}
          height={narrow ? 47 : ROW - 2}
          fill={colour(letter)}
        />
      )}
      <MarkAt letter={letter} x={left} y={words - 9} />
      <text className="label" x={left + 16} y={words - 4}>
        <tspan style={{ fill: textColour(letter), fontWeight: 750 }}>{letter}</tspan>
        <tspan dx={8}>{side.configuration}</tspan>
      </text>
      <text x={left + 16} y={words + 16}>
        <tspan style={{ fontWeight: 700, fontSize: 16 }}>{figure(side.mean, units.distance)}</tspan>
        <tspan className="soft" dx={5}>
          {side.halfWidth95.value === undefined ? '' : `± ${figure(side.halfWidth95, units.distance)} `}
          {units.distance.unit}
        </tspan>
        <tspan className="soft" dx={14}>
          {away.join(', ')}
        </tspan>
      </text>
    </g>
  );
}

/** One stroke per stop; a single tab stop, arrows move among them. */
function Strokes({ row, centre, at, units, onChoose }: Omit<RowProps, 'y' | 'narrow'> & { centre: number }) {
  const move = (e: KeyboardEvent<SVGGElement>) => {
    const way = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0;
    if (way === 0) return;
    e.preventDefault();
    e.stopPropagation();
    const marks = [...e.currentTarget.querySelectorAll<SVGGElement>('[data-stop]')];
    const now = marks.indexOf(document.activeElement as SVGGElement);
    marks[Math.min(marks.length - 1, Math.max(0, now + way))]?.focus();
  };
  return (
    <g onKeyDown={move}>
      {row.side.stops.map((s, i) => {
        const counts = s.status === 'COUNTS';
        const jitter = (((i * 5) % 7) - 3) * 1.5;
        const px = at(s.value);
        const words = counts
          ? 'counts'
          : `${s.status === 'REPEAT' ? 'to repeat' : 'struck out'}: ${s.why ? said(s.why, units) : ''}`;
        return (
          <g
            key={s.stopId}
            data-stop={s.number}
            role="button"
            tabIndex={i === 0 ? 0 : -1}
            aria-label={`${row.letter}, stop ${s.number}, ${number(units.distance.of(s.value), units.distance.decimals)} ${units.distance.unit}, ${words}`}
            className="cursor-pointer [&:hover>path]:stroke-[4]"
            onClick={() => onChoose({ id: s.stopId })}
            onKeyDown={(e) => e.key === 'Enter' && onChoose({ id: s.stopId })}
          >
            <title>{`Stop ${s.number}: ${words}`}</title>
            <rect x={px - 6} y={centre - 22} width={12} height={44} fill="transparent" />
            <path
              d={`M${px + 0.7} ${centre - 15 + (counts ? jitter : 0)}L${px - 0.7} ${centre + 15 + (counts ? jitter : 0)}`}
              stroke={counts ? colour(row.letter) : 'var(--ink-3)'}
              strokeWidth={counts ? 2.3 : 1.5}
              strokeLinecap={counts ? 'round' : 'butt'}
              strokeDasharray={counts ? undefined : '3 2.5'}
              opacity={0.9}
            />
            {!counts && <path d={`M${px - 5} ${centre + 4}l10 -8`} stroke="var(--ink-3)" strokeWidth={1.5} />}
          </g>
        );
      })}
    </g>
  );
}
