import type { Gate, Phase, Quantity } from '../../api/types';

const SYMBOLS: Partial<Record<Quantity['unit'], string>> = {
  KILOMETRES_PER_HOUR: 'km/h',
  MILES_PER_HOUR: 'mph',
  METRES_PER_SECOND: 'm/s',
  METRES_PER_SECOND_SQUARED: 'm/s²',
  STANDARD_GRAVITY: 'g',
  NEWTONS: 'N',
  CELSIUS: '°C',
  FAHRENHEIT: '°F',
  SECONDS: 's',
  MINUTES: 'min',
  HOURS: 'h',
  METRES: 'm',
  FEET: 'ft',
};

/** A quantity as it was typed. */
export const typed = (q: Quantity) => `${q.entered} ${SYMBOLS[q.unit] ?? ''}`.trim();

/** What one phase asks for, in a line. */
export function phaseWords(p: Phase): string {
  if (p.kind === 'INSPECTION' || p.kind === 'OBSERVATION') return `${p.repeats} times`;
  if (p.kind === 'COOL_DOWN') return `rolling at ${typed(p.from)}, no brake`;
  const target = p.target ? ` at ${typed(p.target)}` : ', as hard as the tyres allow';
  const setting = p.adjuster ? `, adjuster at ${typed(p.adjuster)} turns from full front` : '';
  const grip = p.grip ? `, on a surface of grip ${typed(p.grip)}` : '';
  const proof = p.provesBack ? ', to prove it back at its baseline' : '';
  return `${p.repeats} from ${typed(p.from)} to ${typed(p.to)}${target}, ${p.gear === 'NEUTRAL' ? 'neutral' : 'in gear'}, ${p.load.toLowerCase()}${grip}${setting}${proof}`;
}

/** The gate of a phase, in a line; empty when it is open. */
export function gateWords(g: Gate): string {
  const temperature =
    g.coldest && g.hottest
      ? `discs ${typed(g.coldest)} to ${typed(g.hottest)}`
      : g.hottest
        ? `discs at most ${typed(g.hottest)}`
        : g.coldest
          ? `discs at least ${typed(g.coldest)}`
          : '';
  const interval =
    g.soonest && g.latest
      ? `${typed(g.soonest)} to ${typed(g.latest)} apart`
      : g.soonest
        ? `at least ${typed(g.soonest)} apart`
        : g.latest
          ? `within ${typed(g.latest)}`
          : '';
  return [temperature, interval].filter(Boolean).join(', ');
}

export const SYSTEM: Record<Phase['system'], string> = {
  WHOLE: 'whole system',
  FRONT_CIRCUIT_OFF: 'front circuit off',
  REAR_CIRCUIT_OFF: 'rear circuit off',
  ASSIST_OFF: 'assist off',
};

export const ABORT: Record<string, string> = {
  PEDAL_TO_FLOOR: 'the pedal goes long, soft or to the floor',
  CRACK: 'a crack at the edge of a disc, or one that has grown',
  FLUID_LOSS: 'fluid is lost, anywhere',
  SMOKE_OR_FIRE: 'smoke that does not stop, or flame',
  REAR_LOCKS_FIRST: 'the rear axle locks first',
  PULLS_ASIDE: 'it pulls to one side or leaves its lane',
  LIMIT_TEMPERATURE: 'a disc passes the limit chosen for it',
  LANE_NOT_CLEAR: 'anyone or anything on the lane or its run-off',
};

export const RUN_BY: Record<string, string> = {
  ANY_DRIVER: 'any driver who knows the car',
  TRAINED_DRIVER: 'a driver trained for it',
  BRAKE_ENGINEER: 'somebody who answers for work on brakes',
};
