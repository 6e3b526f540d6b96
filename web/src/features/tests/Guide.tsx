import { useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/Button';
import { Strip } from '../../ui/Layout';

const KEY = 'frenum.guide';

const stops: [string, string, (test: string) => string][] = [
  [
    'Compare',
    'Which stops shorter, by how much, how sure, and what could be wrong with it?',
    (t) => `/tests/${t}/compare`,
  ],
  [
    'Stops',
    'What happened in one stop, from the foot to rest? Strike it out, or move its edges.',
    (t) => `/tests/${t}/stops`,
  ],
  [
    'Fade',
    'What does it lose when it is hot, from when on, and is it the pads or the fluid?',
    (t) => `/tests/${t}/fade`,
  ],
  [
    'Heat',
    'How hot did the discs get, in their pads’ window or not, and how fast do they cool?',
    (t) => `/tests/${t}/heat`,
  ],
  ['Run', 'What to drive next: gates, readings, and the rules that stop a test.', (t) => `/tests/${t}/run`],
  [
    'Plan',
    'How many stops would show it, does the lane suffice, when is the day over?',
    (t) => `/tests/${t}/plan`,
  ],
  [
    'Garage',
    'What was on the car, and what exactly is different between two configurations?',
    () => '/garage',
  ],
];

/** A walk through the demo, once: what each page answers. */
export function Guide({ testId }: { testId: string }) {
  const [skipped, setSkipped] = useState(() => window.localStorage.getItem(KEY) === 'seen');
  if (skipped) return null;
  const skip = () => {
    window.localStorage.setItem(KEY, 'seen');
    setSkipped(true);
  };
  return (
    <Strip className="bg-band" aria-label="A look around">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="text-[19px] font-[640]">A look around the demo: what each page answers</h2>
        <Button tone="link" onClick={skip}>
          Skip this
        </Button>
      </div>
      <ol className="mt-3 grid gap-x-8 gap-y-2 md:grid-cols-2">
        {stops.map(([name, answers, to], i) => (
          <li key={name} className="flex gap-2.5 text-[14.5px]">
            <span className="w-4 shrink-0 text-right text-ink-3">{i + 1}</span>
            <span>
              <Link to={to(testId)} className="font-[620] underline underline-offset-4">
                {name}
              </Link>{' '}
              {answers}
            </span>
          </li>
        ))}
      </ol>
    </Strip>
  );
}
