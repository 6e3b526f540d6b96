export const LETTERS = ['A', 'B', 'C', 'D', 'E', 'F'] as const;
export type Letter = (typeof LETTERS)[number];

/** The letter of the n-th configuration; beyond six they share the last. */
export const letterOf = (index: number): Letter => LETTERS[Math.min(index, LETTERS.length - 1)] ?? 'F';

export const colour = (letter: Letter) => `var(--c${letter})`;
export const textColour = (letter: Letter) => `var(--t${letter})`;

/** Line patterns that tell configurations apart without colour. */
export const DASHES: Record<Letter, string> = {
  A: 'none',
  B: '9 4',
  C: '9 3 2 3',
  D: '2 3.5',
  E: '9 3 2 3 2 3',
  F: '5 5',
};
