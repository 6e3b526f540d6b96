import { scaleLinear } from 'd3-scale';
import { number, type Shown } from '../units/units';
import { colour, type Letter } from './letters';
import { Picture } from './Picture';
import { Tape } from './Tape';
import { useWidth } from './useWidth';

const LINE = 58;

/** The difference on a tape, with "no gain" and "worth having"; gains lie to the right. */
export function IntervalTape(props: {
  letter: Letter;
  difference: number;
  low: number;
  high: number;
  /** Confidence level of the range, 0 to 1: above 0.95 while a planned test is looked at early. */
  level: number;
  margin: number;
  sign: 1 | -1;
  better: string;
  shown: Shown;
}) {
  const { shown } = props;
  const { ref, width } = useWidth<HTMLDivElement>(400);
  const gain = (v: number) => props.sign * shown.of(v);
  const [low, high] = [gain(props.low), gain(props.high)].sort((a, b) => a - b) as [number, number];
  const margin = shown.of(props.margin);
  const pad = 0.15 * Math.max(high - low, margin);
  const from = Math.min(-pad, low - pad);
  const to = Math.max(margin * 1.4, high + pad);
  const x = scaleLinear([from, to], [4, width - 16]);
  const difference = gain(props.difference);
  const text = `${number(difference, shown.decimals)} ± ${number((high - low) / 2, shown.decimals)} ${shown.unit}`;
  return (
    <div ref={ref}>
      <Picture
        name={`Difference ${text} ${props.better}; no gain lies ${low > 0 || high < 0 ? 'outside' : 'inside'} the range`}
        width={width}
        height={88}
        values={{
          head: ['', `${props.better}, ${shown.unit}`],
          rows: [
            ['difference', number(difference, shown.decimals)],
            [
              `${number(100 * props.level, props.level > 0.95 ? 1 : 0)} % range from`,
              number(low, shown.decimals),
            ],
            ['to', number(high, shown.decimals)],
            ['worth having', number(margin, shown.decimals)],
          ],
        }}
      >
        <rect
          x={x(low)}
          y={LINE - 31}
          width={x(high) - x(low)}
          height={26}
          fill={colour(props.letter)}
          style={{ fillOpacity: 'var(--band-a)' }}
        />
        <rect x={x(difference) - 2} y={LINE - 35} width={4} height={34} fill={colour(props.letter)} />
        <path d={`M${x(0)} ${LINE - 40}V${LINE}`} stroke="var(--ink)" strokeWidth={1.6} />
        <path
          d={`M${x(margin)} ${LINE - 40}V${LINE}`}
          stroke="var(--ink)"
          strokeWidth={1.4}
          strokeDasharray="2 3"
        />
        <text className="note" x={x(0)} y={LINE - 45} textAnchor="middle">
          no gain
        </text>
        <text className="note" x={Math.max(x(margin), x(0) + 76)} y={LINE - 45} textAnchor="middle">
          worth having
        </text>
        <text
          className="label"
          x={Math.min(x(high) + 8, width - 92)}
          y={x(high) > width - 100 ? LINE - 43 : LINE - 12}
        >
          <tspan style={{ fontWeight: 720, fontSize: 17 }}>{number(difference, shown.decimals)}</tspan>
          <tspan className="soft" dx={4}>
            ± {number((high - low) / 2, shown.decimals)} {shown.unit}
          </tspan>
        </text>
        <Tape x={x} from={from} to={to} y={LINE} unit={`${shown.unit} ${props.better}`} mostLong={6} />
      </Picture>
    </div>
  );
}
