import { scaleLinear } from 'd3-scale';
import type { Comparison, Place } from '../../api/types';
import { colour, type Letter } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { usePreferences } from '../../reader/preferences';
import { Strip } from '../../ui/Layout';
import { Table, Td, Th } from '../../ui/Table';
import { figure, number, said, type Shown } from '../../units/units';

const WIDTH = 320;
const HEIGHT = 26;
const STANDING: Partial<Record<Place['standing'], string>> = {
  SINGLE_BETTER: 'outside the baseline’s scatter',
  SINGLE_WORSE: 'outside the baseline’s scatter',
  SINGLE_WITHIN: 'within the baseline’s scatter',
  SINGLE: 'too few stops',
  LEFT_OUT: 'not compared',
};

/** Every configuration, best first, with a range that holds together with all others; ties are said. */
export function Ranked(props: {
  data: Comparison;
  candidateId: string;
  letter: (id: string) => Letter;
  onChoose: (id: string) => void;
}) {
  const { data, letter } = props;
  const { units } = usePreferences();
  if (!data.ranking) return null;
  const { places, sentences } = data.ranking;
  const shown = data.basis === 'TIME_ONLY' ? units.deceleration : units.distance;
  const baseline = data.sides[0]?.configurationId;
  const x = axis(places);
  const mean = places.find((p) => p.configurationId === baseline)?.mean.value;
  const name = (id: string) => data.sides.find((s) => s.configurationId === id)?.configuration ?? '';
  return (
    <Strip tone="sheet" className="overflow-x-auto pb-3" aria-label="Ranking">
      <h2 className="max-w-[60ch] text-[22px]">{sentences.slice(0, 1).map((s) => said(s, units))}</h2>
      <p className="mt-1 max-w-[90ch] text-[14.5px] text-ink-2 empty:hidden">
        {sentences
          .slice(1)
          .map((s) => said(s, units))
          .join(' ')}
      </p>
      <Table className="mt-3">
        <thead>
          <tr>
            <Th>configuration</Th>
            <Th numeric>stops</Th>
            <Th numeric>mean, {shown.unit}</Th>
            <Th>
              {axisWords(x, shown)} {shown.unit}
            </Th>
            <Th>cannot be told from</Th>
          </tr>
        </thead>
        <tbody>
          {places.map((p) => (
            <tr
              key={p.configurationId}
              className={p.configurationId === props.candidateId ? 'bg-band' : undefined}
            >
              <Td>
                {p.configurationId === baseline ? (
                  <span>
                    <MarkLabel letter={letter(p.configurationId)} /> {name(p.configurationId)}, the baseline
                  </span>
                ) : (
                  <button
                    type="button"
                    className="block min-h-6 max-w-full text-left whitespace-normal underline decoration-rule underline-offset-4 max-md:min-h-[44px]"
                    aria-pressed={p.configurationId === props.candidateId}
                    onClick={() => props.onChoose(p.configurationId)}
                  >
                    <MarkLabel letter={letter(p.configurationId)} /> {name(p.configurationId)}
                  </button>
                )}
              </Td>
              <Td numeric>{p.n}</Td>
              <Td numeric>
                <b className="font-[650]">{figure(p.mean, shown, shown.decimals + 1)}</b>{' '}
                {p.standing === 'RANKED' && (
                  <span className="text-ink-3">± {figure(p.halfWidth, shown, shown.decimals + 1)}</span>
                )}
              </Td>
              <Td>
                <Range place={p} letter={letter(p.configurationId)} x={x} mean={mean} />
              </Td>
              <Td>{toldFrom(p, places, letter)}</Td>
            </tr>
          ))}
        </tbody>
      </Table>
      <p className="mt-1.5 max-w-[95ch] text-[13px] text-ink-3">
        ± holds for all of them together, 95 times in 100; of few stops the open bar is the baseline’s
        scatter. Choose one to open it against the baseline beneath.
      </p>
    </Strip>
  );
}

/** What it cannot be told from; of few stops, how they stand beside the baseline. */
function toldFrom(place: Place, places: Place[], letter: (id: string) => Letter): string {
  const few = STANDING[place.standing];
  if (few !== undefined) return few;
  if (place.alike.length > 0) return place.alike.map(letter).join(', ');
  return places.filter((p) => p.standing === 'RANKED').length > 1 ? 'told apart from all' : '–';
}

type Scale = ReturnType<typeof axis>;

/** From the lowest to the highest range, not from 0: what is told here is which ranges meet. */
function axis(places: Place[]) {
  const ends = places.flatMap((p) => {
    const [m, h] = [p.mean.value, p.halfWidth.value ?? 0];
    return m === undefined ? [] : [m - h, m + h];
  });
  return scaleLinear([Math.min(...ends), Math.max(...ends)], [4, WIDTH - 4]);
}

const axisWords = (x: Scale, shown: Shown) =>
  x
    .domain()
    .map((v) => number(shown.of(v), shown.decimals))
    .join(' to ');

/** The mean as a stroke in its range; the baseline's mean dashed through all rows. */
function Range(props: { place: Place; letter: Letter; x: Scale; mean: number | undefined }) {
  const { place, letter, x, mean } = props;
  const value = place.mean.value;
  const half = place.halfWidth.value;
  if (value === undefined) return null;
  const single = place.standing !== 'RANKED';
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden className="block w-80 max-w-full">
      {mean !== undefined && (
        <line x1={x(mean)} x2={x(mean)} y1={0} y2={HEIGHT} stroke="var(--ink-3)" strokeDasharray="3 3" />
      )}
      {half !== undefined && (
        <rect
          x={x(value - half)}
          y={6}
          width={Math.max(1, x(value + half) - x(value - half))}
          height={HEIGHT - 12}
          fill={single ? 'none' : colour(letter)}
          stroke={single ? colour(letter) : 'none'}
          style={single ? undefined : { fillOpacity: 'var(--band-a)' }}
        />
      )}
      <line x1={x(value)} x2={x(value)} y1={2} y2={HEIGHT - 2} stroke={colour(letter)} strokeWidth={3.5} />
    </svg>
  );
}
