import type { Gate, Phase, Quantity } from '../../api/types';

type Symbol = (unit: Quantity['unit']) => string;

/** A quantity as it was typed. */
export const typed = (q: Quantity, symbol: Symbol) => `${q.entered} ${symbol(q.unit)}`.trim();

/** What one phase asks for, in a line. */
export function phaseWords(p: Phase, symbol: Symbol): string {
  if (p.kind === 'INSPECTION' || p.kind === 'OBSERVATION') return `${p.repeats} times`;
  if (p.kind === 'COOL_DOWN') return `rolling at ${typed(p.from, symbol)}, no brake`;
  const target = p.target ? ` at ${typed(p.target, symbol)}` : ', as hard as the tyres allow';
  const setting = p.adjuster ? `, adjuster at ${typed(p.adjuster, symbol)} turns from full front` : '';
  const grip = p.grip ? `, on a surface of grip ${typed(p.grip, symbol)}` : '';
  const proof = p.provesBack ? ', to prove it back at its baseline' : '';
  return `${p.repeats} from ${typed(p.from, symbol)} to ${typed(p.to, symbol)}${target}, ${p.gear === 'NEUTRAL' ? 'neutral' : 'in gear'}, ${p.load.toLowerCase()}${grip}${setting}${proof}`;
}

/** The gate of a phase, in a line; empty when it is open. */
export function gateWords(g: Gate, symbol: Symbol): string {
  const temperature =
    g.coldest && g.hottest
      ? `discs ${typed(g.coldest, symbol)} to ${typed(g.hottest, symbol)}`
      : g.hottest
        ? `discs at most ${typed(g.hottest, symbol)}`
        : g.coldest
          ? `discs at least ${typed(g.coldest, symbol)}`
          : '';
  const interval =
    g.soonest && g.latest
      ? `${typed(g.soonest, symbol)} to ${typed(g.latest, symbol)} apart`
      : g.soonest
        ? `at least ${typed(g.soonest, symbol)} apart`
        : g.latest
          ? `within ${typed(g.latest, symbol)}`
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
