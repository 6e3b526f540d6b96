import { cleanup, fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Happening, RunView } from '../../api/types';
import { Foot } from './Foot';
import { runView } from '../../test-support/run';
import { shown } from '../../test-support/shown';

function foot(view: RunView, offline = false) {
  const say = vi.fn<(what: Happening) => void>();
  const onStop = vi.fn();
  const onSheet = vi.fn();
  shown(
    <Foot
      testId="t"
      view={view}
      stage={view.stage}
      offline={offline}
      say={say}
      onStop={onStop}
      steady
      armed={false}
      onSheet={onSheet}
    />,
  );
  return { say, onStop, onSheet };
}
const button = (name: RegExp) => screen.getByRole<HTMLButtonElement>('button', { name });
const isMain = (name: RegExp) => button(name).className.includes('bg-ink');

describe('the foot of the run card', () => {
  it.each(['UNSIGNED', 'WAITING', 'APPROACH', 'AT_REST', 'JUDGED', 'TASK', 'STOPPED', 'DONE'] as const)(
    'has STOP TESTING in reach while %s',
    (stage) => {
      const { onStop } = foot(runView({ stage }));
      fireEvent.click(button(/STOP TESTING/));
      expect(onStop).toHaveBeenCalledOnce();
    },
  );

  it('starts a stop through an open gate only, but trusts the people where there is no link', () => {
    foot(runView({ gateOpen: false }));
    expect(button(/Start the stop/).disabled).toBe(true);
    cleanup();
    const { say } = foot(runView({ gateOpen: false }), true);
    fireEvent.click(button(/Start the stop/));
    expect(say).toHaveBeenCalledWith({ type: 'started' });
  });

  it('asks for the lane once the discs are ready, and no sooner', () => {
    const gate = runView().gate;
    foot(runView({ gateOpen: false, gate: { ...gate, lane: 'UNKNOWN' } }));
    expect(isMain(/Lane is clear/)).toBe(true);
    cleanup();
    foot(runView({ gateOpen: false, gate: { ...gate, lane: 'UNKNOWN', discs: 'WAIT' } }));
    expect(isMain(/Lane is clear/)).toBe(false);
  });

  it('calls the lane and starts in one press where only the lane is missing', () => {
    const gate = runView().gate;
    const { say } = foot(runView({ gateOpen: false, gate: { ...gate, lane: 'UNKNOWN' } }));
    fireEvent.click(button(/Lane clear: Start the stop/));
    expect(say.mock.calls.map(([what]) => what.type)).toEqual(['laneCalled', 'started']);
    cleanup();
    foot(runView({ gateOpen: false, gate: { ...gate, lane: 'UNKNOWN', interval: 'WAIT' } }));
    expect(button(/Start the stop/).disabled).toBe(true);
  });

  it('asks for another signature on another day, and for words of what was put on', () => {
    const gate = runView().gate;
    const signing = foot(runView({ gateOpen: false, gate: { ...gate, signed: false } }));
    fireEvent.click(button(/Sign the safety gate/));
    expect(signing.onSheet).toHaveBeenCalledWith('sign');
    cleanup();
    const current = {
      kind: 'TASK',
      configuration: 1,
      repeats: 1,
      phase: { name: 'apply', kind: 'TREATMENT' },
    };
    const task = foot(runView({ stage: 'TASK', current: current as unknown as RunView['current'] }));
    fireEvent.click(button(/Record result/));
    expect(task.onSheet).toHaveBeenCalledWith('task');
    expect(task.say).not.toHaveBeenCalled();
  });

  it('asks an inspection for its faces, and names the step that was seen when it is done', () => {
    const inspection = (inspected: boolean) =>
      runView({
        stage: 'TASK',
        step: 7,
        inspected,
        current: { kind: 'TASK', phase: { kind: 'INSPECTION' } } as unknown as RunView['current'],
      });
    const open = foot(inspection(false));
    fireEvent.click(button(/Skip the rest, with a reason/));
    expect(open.onSheet).toHaveBeenCalledWith('task');
    expect(open.say).not.toHaveBeenCalled();
    cleanup();
    const seen = foot(inspection(true));
    fireEvent.click(button(/Done/));
    expect(seen.say).toHaveBeenCalledWith({ type: 'taskDone', note: '', step: 7 });
  });

  it('goes along with what the rules said', () => {
    const stops = [{ id: 's', judged: 'REPEAT' }] as unknown as RunView['stops'];
    const { say } = foot(runView({ stage: 'JUDGED', stops }));
    fireEvent.click(button(/Drive it again/));
    expect(say).toHaveBeenCalledWith({ type: 'decided', validity: 'REPEAT', reason: '', stop: 's' });
  });

  it('may wave off an approach, and names a snub as one', () => {
    const { say } = foot(runView({ stage: 'APPROACH', snub: true }));
    fireEvent.click(button(/Wave off/));
    fireEvent.click(button(/Snub done/));
    expect(say.mock.calls.map(([what]) => what.type)).toEqual(['wavedOff', 'atRest']);
  });
});
