import { fireEvent, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Happening, JudgedStop, RunView } from '../../api/types';
import { LastStop } from './LastStop';
import { runView } from '../../test-support/run';
import { shown } from '../../test-support/shown';
import { written } from '../../test-support/written';

vi.mock('../../forms/Photos', () => ({ Photos: () => null }));

const known = (value: number) => ({ value });
const unknown = { reason: 'not measured' };

function stop(part: object): JudgedStop {
  return {
    id: 's',
    attempt: 2,
    judged: 'VALID',
    decision: null,
    flags: [],
    logged: null,
    peaks: {},
    correctedM: known(47.312),
    uncertaintyM: known(0.15),
    readings: {
      instrument: 'TAPE',
      peaks: {},
      time: null,
      distances: [{ by: 'Marshal', distance: { entered: 48, unit: 'METRES', inside: 48 } }],
    },
    ...part,
  } as unknown as JudgedStop;
}

const SIDES = [
  {
    name: 'As bought',
    values: [47, 48],
    meanM: known(47.5),
    halfWidth95: known(0.6),
    early: { answer: 'OPEN' },
  },
  {
    name: 'Other pads',
    values: [45],
    meanM: known(45),
    halfWidth95: unknown,
    early: { answer: 'SETTLED', finding: written('the difference is already settled') },
  },
];

function last(own: JudgedStop) {
  const say = vi.fn<(what: Happening) => void>();
  const view = runView({
    stage: 'JUDGED',
    stops: [own],
    progress: { warnings: [], sides: SIDES } as unknown as RunView['progress'],
  });
  shown(<LastStop view={view} judging holder="Ash" say={say} onReadings={() => undefined} />);
  return say;
}
const has = (text: RegExp | string) => screen.getByText(text);

describe('the stop just driven', () => {
  beforeEach(() => window.localStorage.clear());

  it('counts, with its corrected distance, its ± and where the series stands', () => {
    last(stop({}));
    has('Counts');
    has('47.3');
    has('± 0.3 m, corrected');
    has('Speed, discs, interval and switches are as asked.');
    has('Other pads: the difference is already settled');
    expect(screen.queryByText(/already settled/)?.textContent).not.toContain('As bought');
  });

  it('that may not be corrected is shown as driven, in the words of the rule', () => {
    const flags = [{ code: 'ENTRY_SPEED_OUT', finding: written('entered at 95 km/h, 90 asked for') }];
    last(stop({ judged: 'REPEAT', flags, correctedM: unknown, uncertaintyM: unknown }));
    has('Drive it again');
    has('48.0');
    has('± ? m, as driven');
    has('entered at 95 km/h, 90 asked for');
  });

  it('is told in the units of its reader', () => {
    window.localStorage.setItem('frenum.system', 'imperial');
    last(stop({ flags: [{ code: 'X', finding: written('at 110.2 °C', 'at 230.4 °F') }] }));
    has('155.2');
    has('at 230.4 °F');
  });

  it('by stopwatch is a deceleration, and no distance', () => {
    const readings = {
      instrument: 'STOPWATCH',
      peaks: {},
      distances: [],
      time: { entered: 3.6, unit: 'SECONDS' },
    };
    last(stop({ readings, correctedM: known(6.94), uncertaintyM: known(0.2) }));
    has('6.9');
    has('± 0.4 m/s²');
  });

  it('is driven again against the rules only with a reason', () => {
    const say = last(stop({}));
    fireEvent.click(has('Drive it again all the same'));
    const sure = screen.getByRole<HTMLButtonElement>('button', { name: /^Drive it again$/ });
    expect(sure.disabled).toBe(true);
    fireEvent.change(screen.getByRole('textbox'), { target: { value: 'a hare ran' } });
    fireEvent.click(sure);
    expect(say).toHaveBeenCalledWith({
      type: 'decided',
      validity: 'REPEAT',
      reason: 'a hare ran',
      stop: 's',
    });
  });
});
