import { useState } from 'react';
import type { HandReadings } from '../../api/types';

export type ReadOn = NonNullable<HandReadings['readOn']>;

/** What a thermometer can have looked at, as people say it. */
export const READ_ON: [ReadOn, string][] = [
  ['BLACKENED', 'blackened patch'],
  ['BARE', 'bare metal'],
  ['PROBE', 'contact probe'],
];

const KEY = 'frenum.readOn';

/** What the thermometer looks at, as it was said last on this device: it seldom changes in a day. */
export function useReadOn(): [ReadOn | null, (readOn: ReadOn) => void] {
  const [readOn, setReadOn] = useState<ReadOn | null>(
    () => READ_ON.find(([value]) => value === window.localStorage.getItem(KEY))?.[0] ?? null,
  );
  return [
    readOn,
    (next) => {
      window.localStorage.setItem(KEY, next);
      setReadOn(next);
    },
  ];
}
