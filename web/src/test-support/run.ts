import type { RunView } from '../api/types';

/** A run that waits for its first stop, its gates open; for tests. */
export function runView(part: Partial<RunView> = {}): RunView {
  const view = {
    testId: 'a-test',
    stage: 'WAITING',
    step: 0,
    counted: 0,
    rate: 1,
    snub: false,
    since: 0,
    firstStop: 0,
    phaseWords: '',
    fromMps: 25,
    entryTolerance: 0.03,
    nowS: 1000,
    gateOpen: true,
    question: 'Does it stop shorter?',
    cycle: 0,
    cycles: 0,
    gate: {
      signed: true,
      discs: 'MET',
      interval: 'NOT_ASKED',
      lane: 'MET',
      soonestAtS: null,
      latestAtS: null,
      laneUntilS: 1100,
      window: { coldestC: 50, hottestC: 110 },
    },
    current: {
      kind: 'BRAKING',
      configuration: 0,
      repeats: 3,
      phase: { name: 'stops', kind: 'STOP', gate: {} },
    },
    sides: [
      {
        name: 'As bought',
        switches: [{ name: 'COOLING_SPRAY', label: 'cooling spray', on: true }],
        stopsEach: 3,
      },
      { name: 'Other pads', switches: [], stopsEach: 3 },
    ],
    stops: [],
    cracks: [],
    discs: [],
    devices: [],
    halt: null,
    approach: null,
    review: null,
    ...part,
  };
  return view as unknown as RunView;
}
