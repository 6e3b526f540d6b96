import { createContext, useContext, type ReactNode } from 'react';
import type { TestDetail, Wheel } from '../api/types';

export type DiscNames = TestDetail['discNames'];
type Named = [Wheel, string][];

const CORNERS: Named = [
  ['FRONT_LEFT', 'front left'],
  ['FRONT_RIGHT', 'front right'],
  ['REAR_LEFT', 'rear left'],
  ['REAR_RIGHT', 'rear right'],
];

const Context = createContext<Named>(CORNERS);

/** What the discs or drums of the vehicle on the page are called; a motorcycle has no left and right ones. */
export function DiscsOf({ names, children }: { names: DiscNames; children: ReactNode }) {
  const named = CORNERS.flatMap(([wheel]): Named => {
    const name = names[wheel];
    return name === undefined ? [] : [[wheel, name]];
  });
  return <Context value={named}>{children}</Context>;
}

/** The discs or drums of the vehicle on the page, in the order in which people read them off. */
export const useDiscs = () => useContext(Context);
