import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Balance } from '../../api/types';
import { Picture } from '../../charts/Picture';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { Button } from '../../ui/Button';
import { Field, Input } from '../../ui/Field';
import { Heading } from '../../ui/Layout';
import { number } from '../../units/units';

const HEIGHT = 250;
const LEFT = 46;

type Tried = NonNullable<Balance['adjuster']>;

/** What a turn does, and where to turn it to for a share that is wanted. */
export function Adjuster({ data }: { testId: string; data: Balance }) {
  const [query, setQuery] = useSearchParams();
  const [wanted, setWanted] = useState(
    query.get('wanted') === null ? '' : number(100 * Number(query.get('wanted')), 1),
  );
  if (!data.adjuster) {
    return (
      <section>
        <Heading>The adjuster</Heading>
        <p className="max-w-[60ch] text-[14.5px] text-ink-2">
          Only one setting was driven. Drive two or more, turned there and back, and what a turn does stands
          here: the procedure “Adjuster sweep” asks for them, or give configurations their turns in the
          garage.
        </p>
      </section>
    );
  }
  const share = Number(wanted.replace(',', '.')) / 100;
  const possible = share > 0 && share < 1;
  return (
    <section>
      <Heading note="turns from full front; the line with its 95 % range">The adjuster</Heading>
      <TurnsPicture adjuster={data.adjuster} />
      <form
        className="mt-3 flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (possible) setQuery({ wanted: String(share) }, { replace: true });
        }}
      >
        <Field
          label="Share of line pressure that is wanted"
          error={wanted !== '' && !possible ? 'Between 0 and 100 %.' : undefined}
        >
          <Input unit="%" inputMode="decimal" value={wanted} onChange={(e) => setWanted(e.target.value)} />
        </Field>
        <Button type="submit" disabled={!possible}>
          Which way to turn
        </Button>
      </form>
    </section>
  );
}

function TurnsPicture({ adjuster }: { adjuster: Tried }) {
  const { ref, width } = useWidth<HTMLDivElement>(460);
  const shares = [
    ...adjuster.tried.map((t) => t.share),
    ...adjuster.band.flatMap((b) => [b.share - b.halfWidth, b.share + b.halfWidth]),
  ];
  const turns = adjuster.tried.map((t) => t.turns);
  const x = scaleLinear([Math.min(...turns), Math.max(...turns)], [LEFT + 10, width - 16]);
  const y = scaleLinear([Math.min(...shares), Math.max(...shares)], [HEIGHT - 8, 14]).nice(4);
  type Band = Tried['band'][number];
  const band = area<Band>(
    (b) => x(b.turns),
    (b) => y(b.share - b.halfWidth),
    (b) => y(b.share + b.halfWidth),
  )(adjuster.band);
  const path = line<Band>(
    (b) => x(b.turns),
    (b) => y(b.share),
  )(adjuster.band);
  return (
    <div ref={ref}>
      <Picture
        name={`Front share of line pressure over turns of the adjuster, ${adjuster.tried.length} stops`}
        width={width}
        height={HEIGHT + 34}
        values={{
          head: ['turns from full front', 'front share, %'],
          rows: adjuster.tried.map((t) => [t.turns, number(100 * t.share, 1)]),
        }}
      >
        <rect x={LEFT} y={8} width={width - LEFT - 6} height={HEIGHT - 8} fill="var(--slab)" />
        {y.ticks(4).map((v) => (
          <g key={v}>
            <line x1={LEFT} x2={width - 6} y1={y(v)} y2={y(v)} stroke="var(--joint)" />
            <text className="axis" x={LEFT - 8} y={y(v) + 4} textAnchor="end">
              {number(100 * v, 1)}
            </text>
          </g>
        ))}
        <text className="axis" x={width - 14} y={24} textAnchor="end">
          front share of line pressure, %
        </text>
        <path d={band ?? undefined} fill="var(--ink)" style={{ fillOpacity: 'var(--band-a)' }} />
        <path d={path ?? undefined} fill="none" stroke="var(--ink)" strokeWidth={2} />
        {adjuster.tried.map((t, i) => (
          <circle
            key={i}
            cx={x(t.turns)}
            cy={y(t.share)}
            r={4}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.6}
          />
        ))}
        <line
          x1={x(adjuster.standsAt)}
          x2={x(adjuster.standsAt)}
          y1={8}
          y2={HEIGHT}
          stroke="var(--ink-3)"
          strokeDasharray="4 4"
        />
        <Tape
          x={x}
          from={Math.min(...turns)}
          to={Math.max(...turns)}
          y={HEIGHT + 4}
          unit="turns"
          mostLong={6}
        />
      </Picture>
    </div>
  );
}
