import type { Gate, Phase, Procedure, Quantity } from '../../api/types';

type Symbol = (unit: Quantity['unit']) => string;

/** A quantity as it was typed. */
export const typed = (q: Quantity, symbol: Symbol) => `${q.entered} ${symbol(q.unit)}`.trim();

/** What one phase asks for, in a line. */
export function phaseWords(p: Phase, symbol: Symbol): string {
  if (p.kind === 'INSPECTION' || p.kind === 'OBSERVATION') return `${p.repeats} times`;
  if (p.kind === 'TREATMENT') return 'put on a cold disc, once';
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
  const rolled = apart(g.nearest, g.furthest, symbol);
  return [temperature, apart(g.soonest, g.latest, symbol), rolled && `rolled ${rolled}`]
    .filter(Boolean)
    .join(', ');
}

function apart(least: Quantity | null, most: Quantity | null, symbol: Symbol): string {
  if (least && most) return `${typed(least, symbol)} to ${typed(most, symbol)} apart`;
  if (least) return `at least ${typed(least, symbol)} apart`;
  return most ? `within ${typed(most, symbol)}` : '';
}

export const SYSTEM: Record<Phase['system'], string> = {
  WHOLE: 'whole system',
  FRONT_CIRCUIT_OFF: 'front off, the rear alone',
  REAR_CIRCUIT_OFF: 'rear off, the front alone',
  DIAGONAL_FRONT_LEFT_OFF: 'diagonal off: front left and rear right',
  DIAGONAL_FRONT_RIGHT_OFF: 'diagonal off: front right and rear left',
  FRONT_LEFT_OFF: 'front left wheel off',
  FRONT_RIGHT_OFF: 'front right wheel off',
  REAR_LEFT_OFF: 'rear left wheel off',
  REAR_RIGHT_OFF: 'rear right wheel off',
  ASSIST_OFF: 'assist off',
};

export const WHOSE: Record<Phase['whose'], string> = {
  EVERY: 'every configuration',
  BASELINE: 'the baseline only',
  OTHERS: 'all but the baseline',
};

/** How often a group of phases is driven, in a sentence. */
export function cycleWords(p: Procedure): string {
  const group = p.cycle && p.phases.slice(p.cycle.first, p.cycle.last + 1);
  if (!p.cycle || !group) return '';
  const looks = group.some((x) => x.kind === 'INSPECTION')
    ? `, inspected after every ${p.cycle.inspectEvery} and after the last`
    : '';
  return `${group[0]?.name} to ${group.at(-1)?.name} are driven ${p.cycle.times} times${looks}. A plan may say another number.`;
}

export const ABORT: Record<string, string> = {
  PEDAL_TO_FLOOR: 'the pedal goes long, soft or to the floor',
  CRACK: 'a crack at the edge of a disc, or one that has grown',
  FLUID_LOSS: 'fluid is lost, anywhere',
  SMOKE_OR_FIRE: 'smoke that does not stop, or flame',
  REAR_LOCKS_FIRST: 'the rear axle locks first',
  PULLS_ASIDE: 'it pulls to one side or leaves its lane',
  BRAKE_STAYS_ON: 'a brake stays on, or drags when the pedal is let go',
  LINING_LOOSE: 'a lining or pad has come loose, or it grinds',
  LIMIT_TEMPERATURE: 'a disc passes the limit chosen for it',
  LANE_NOT_CLEAR: 'anyone or anything on the lane or its run-off',
};

export const RUN_BY: Record<string, string> = {
  ANY_DRIVER: 'anybody who knows the vehicle',
  TRAINED_DRIVER: 'somebody trained for it',
  BRAKE_ENGINEER: 'somebody who answers for work on brakes',
};
