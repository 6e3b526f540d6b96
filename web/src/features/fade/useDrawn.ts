import { useState } from 'react';
import type { FadeSide } from '../../api/types';

/** More lines than these cannot be told apart in one picture. */
const MOST = 6;
const FEW = 4;

/** Those that a picture begins with: all where they are few, else the first and those that lose most. */
export function firstDrawn(sides: FadeSide[]): string[] {
  if (sides.length <= MOST) return sides.map((s) => s.configurationId);
  const [first, ...others] = sides;
  const left = (s: FadeSide) => s.study.cause.relEffectiveness.value ?? Infinity;
  const worst = others.sort((a, b) => left(a) - left(b)).slice(0, FEW - 1);
  return [...(first ? [first] : []), ...worst].map((s) => s.configurationId);
}

/** Which configurations are in the picture; one always is. */
export function useDrawn(sides: FadeSide[]) {
  const [chosen, setChosen] = useState<string[] | null>(null);
  const drawn = new Set(chosen ?? firstDrawn(sides));
  const toggle = (id: string) => {
    const next = new Set(drawn);
    if (!next.delete(id)) next.add(id);
    if (next.size > 0) setChosen([...next]);
  };
  return { drawn, toggle };
}
