/** A page of the interface, and where it is for a test. */
export type Section = { name: string; to: string; end?: boolean };
export type Stage = { name: string; sections: Section[] };

/** The sections in the order of the work. Those of a test are there once one is chosen, and of none but that. */
export function stagesOf(testId: string | undefined): Stage[] {
  const of = (where: string) => `/tests/${testId ?? ''}/${where}`;
  const set: Stage = {
    name: 'Set up',
    sections: [
      { name: 'Tests', to: '/tests', end: true },
      { name: 'Garage', to: '/garage' },
      { name: 'Procedures', to: '/procedures' },
      { name: 'Plan', to: testId ? of('plan') : '/plan' },
      { name: 'Devices', to: '/devices' },
    ],
  };
  const drive: Stage = {
    name: 'Test',
    sections: [
      ...(testId ? [{ name: 'Run', to: of('run') }] : []),
      { name: 'Type', to: testId ? of('type') : '/type' },
      { name: 'Bring in', to: testId ? `/import?test=${testId}` : '/import' },
      ...(testId ? [{ name: 'Trials', to: of('trials') }] : []),
    ],
  };
  if (!testId) return [set, drive];
  return [
    set,
    drive,
    {
      name: 'Read',
      sections: [
        { name: 'Stops', to: of('stops') },
        { name: 'Fade', to: of('fade') },
        { name: 'Heat', to: of('heat') },
        { name: 'Balance', to: of('balance') },
      ],
    },
    { name: 'Decide', sections: [{ name: 'Compare', to: of('compare') }] },
  ];
}

const TITLES: [RegExp, string][] = [
  [/^\/tests\/[^/]+\/type/, 'Type stops'],
  [/^\/tests\/[^/]+\/plan/, 'Plan'],
  [/^\/tests\/[^/]+\/run\/driver/, 'Driver or rider'],
  [/^\/tests\/[^/]+\/run/, 'Run'],
  [/^\/tests\/[^/]+\/stops/, 'Stops'],
  [/^\/tests\/[^/]+\/fade/, 'Fade'],
  [/^\/tests\/[^/]+\/heat/, 'Heat'],
  [/^\/tests\/[^/]+\/balance/, 'Balance'],
  [/^\/tests\/[^/]+\/trials/, 'Trials'],
  [/^\/tests\/[^/]+\/compare/, 'Compare'],
  [/^\/tests/, 'Tests'],
  [/^\/type/, 'Type stops'],
  [/^\/import/, 'Bring in'],
  [/^\/garage/, 'Garage'],
  [/^\/procedures/, 'Procedures'],
  [/^\/plan\/lap-heat/, 'Lap heat'],
  [/^\/plan/, 'Plan'],
  [/^\/devices/, 'Devices'],
  [/^\/history/, 'History'],
  [/^\/people/, 'People and screens'],
];

/** What a page is called. */
export const titleOf = (pathname: string) => TITLES.find(([at]) => at.test(pathname))?.[1];
