import { describe, expect, it } from 'vitest';
import type { Phase, Quantity } from '../../api/types';
import { gateWords, phaseWords } from './words';

const q = (entered: number, unit: Quantity['unit']): Quantity => ({ entered, unit });
const open = { coldest: null, hottest: null, soonest: null, latest: null, nearest: null, furthest: null };
const stop: Phase = {
  name: 'stops',
  kind: 'STOP',
  from: q(90, 'KILOMETRES_PER_HOUR'),
  to: q(0, 'KILOMETRES_PER_HOUR'),
  target: null,
  gear: 'NEUTRAL',
  load: 'LADEN',
  system: 'WHOLE',
  gate: open,
  repeats: 8,
  mostExtra: 3,
  lockForbidden: false,
  adjuster: null,
  grip: null,
  provesBack: false,
  whose: 'EVERY',
};

const SYMBOLS: Record<string, string> = {
  KILOMETRES_PER_HOUR: 'km/h',
  STANDARD_GRAVITY: 'g',
  CELSIUS: '°C',
  MINUTES: 'min',
  METRES: 'm',
};
const symbol = (unit: string) => SYMBOLS[unit] ?? '';

describe('a phase in a line', () => {
  it('says what is driven, as it was typed', () => {
    expect(phaseWords(stop, symbol)).toBe(
      '8 from 90 km/h to 0 km/h, as hard as the tyres allow, neutral, laden',
    );
    expect(phaseWords({ ...stop, target: q(0.3, 'STANDARD_GRAVITY'), gear: 'IN_GEAR' }, symbol)).toContain(
      'at 0.3 g, in gear',
    );
    expect(phaseWords({ ...stop, kind: 'COOL_DOWN' }, symbol)).toBe('rolling at 90 km/h, no brake');
  });

  it('says its gate only where there is one', () => {
    expect(gateWords(open, symbol)).toBe('');
    expect(
      gateWords(
        {
          coldest: q(50, 'CELSIUS'),
          hottest: q(110, 'CELSIUS'),
          soonest: q(1, 'MINUTES'),
          latest: null,
          nearest: q(1500, 'METRES'),
          furthest: q(2000, 'METRES'),
        },
        symbol,
      ),
    ).toBe('discs 50 °C to 110 °C, at least 1 min apart, rolled 1500 m to 2000 m apart');
  });
});
