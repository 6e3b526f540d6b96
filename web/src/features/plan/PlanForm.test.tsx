import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Configuration, Plan, PlanForm as Form, ProcedureView } from '../../api/types';
import { shown } from '../../test-support/shown';
import { PlanForm } from './PlanForm';

const q = (entered: number, unit: Plan['speed']['unit']) => ({ entered, unit });

const PLAN: Plan = {
  configurationIds: ['a', 'b'],
  procedureId: 'p',
  stopsEach: 5,
  order: 'A_B_A',
  speed: q(90, 'KILOMETRES_PER_HOUR'),
  margin: q(1, 'METRES'),
  load: 'LADEN',
  laneId: null,
  expectedStop: null,
  slot: q(3, 'HOURS'),
  ambient: q(15, 'CELSIUS'),
  fitting: q(40, 'MINUTES'),
  turnRound: q(3, 'MINUTES'),
  limit: null,
  beddedBefore: false,
  crew: { names: {} },
} as unknown as Plan;

const configurations = ['a', 'b', 'c'].map((id) => ({
  id,
  name: `Configuration ${id}`,
  version: 1,
})) as unknown as Configuration[];

const FORM = {
  plan: [
    {
      field: 'SPEED',
      label: 'Entry speed',
      units: [{ unit: 'KILOMETRES_PER_HOUR', symbol: 'km/h', low: 20, high: 250 }],
    },
    { field: 'LIMIT', label: 'Disc limit', units: [{ unit: 'CELSIUS', symbol: '°C', low: 50, high: 900 }] },
  ],
  lane: [],
} as unknown as Form;

function form(part: Partial<Plan> = {}, errors: Record<string, string> = {}) {
  const onChange = vi.fn<(plan: Plan) => void>();
  shown(
    <PlanForm
      configurations={configurations}
      procedures={[{ id: 'p', procedure: { name: 'Straight stops' } } as unknown as ProcedureView]}
      lanes={[]}
      form={FORM}
      plan={{ ...PLAN, ...part }}
      errors={errors}
      onChange={onChange}
    />,
  );
  const said = () => onChange.mock.lastCall?.[0];
  return { said, onChange };
}

const choose = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

describe('what a plan says', () => {
  it('takes one candidate more than it has, and lets the last go again', () => {
    const { said } = form();
    choose('Candidate C', 'c');
    expect(said()?.configurationIds).toEqual(['a', 'b', 'c']);
    choose('Candidate B', '');
    expect(said()?.configurationIds, 'one alone is compared with nothing').toEqual(['a']);
  });

  it('drops a candidate without a gap', () => {
    const { said } = form({ configurationIds: ['a', 'c', 'b'] });
    choose('Candidate C', '');
    expect(said()?.configurationIds).toEqual(['a', 'c']);
  });

  it('keeps the count of stops a whole number within reason', () => {
    const { said } = form();
    choose('Stops of each', '7.4');
    expect(said()?.stopsEach).toBe(7);
    choose('Stops of each', '100000');
    expect(said()?.stopsEach).toBe(500);
    choose('Stops of each', '-3');
    expect(said()?.stopsEach).toBe(1);
  });

  it('may go without a limit but not without a speed', () => {
    const { said, onChange } = form({ limit: q(450, 'CELSIUS') });
    choose('Disc limit', '');
    expect(said()?.limit).toBeNull();
    onChange.mockClear();
    choose('Entry speed', '');
    expect(onChange).not.toHaveBeenCalled();
    choose('Entry speed', '100');
    expect(said()?.speed).toEqual(q(100, 'KILOMETRES_PER_HOUR'));
  });

  it('says beside the field what the server found wrong', () => {
    form({}, { configurationIds: 'A and B are the same.', speed: 'Too fast for this lane.' });
    expect(screen.getByLabelText('Candidate B').getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByText('A and B are the same.')).toBeDefined();
    expect(screen.getByText('Too fast for this lane.')).toBeDefined();
  });
});
