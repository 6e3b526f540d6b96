import { useEffect, useState } from 'react';
import type { Happening } from '../../api/types';

const STEADY_MS = 1000;

/**
 * Whether a step of the run has stood for a second. Whoever presses sooner pressed for the step before, or pressed twice: that
 * press does nothing.
 */
export function useSteady(step: number): boolean {
  const [steadyStep, setSteadyStep] = useState(step);
  useEffect(() => {
    const timer = window.setTimeout(() => setSteadyStep(step), STEADY_MS);
    return () => window.clearTimeout(timer);
  }, [step]);
  return steadyStep === step;
}

/** What ends or begins something is for the step that was looked at. */
const OF_THE_STEP: Happening['type'][] = ['taskDone', 'started', 'decided'];

/** Says what is pressed, unless the step has just changed. */
export function useSteadySay(step: number, say: (what: Happening) => void) {
  const steady = useSteady(step);
  return {
    steady,
    say: (what: Happening) => {
      if (steady || !OF_THE_STEP.includes(what.type)) say(what);
    },
  };
}
