/** By what a configuration is marked: A to Z, then AA, AB and on. */
export type Letter = string;

const ALPHABET = 26;
/** Colours and shapes there are; beyond them colours come again, and the letter tells. */
export const KINDS = 6;

/** The letter of the n-th configuration, from 0. */
export const letterOf = (index: number): Letter =>
  (index < ALPHABET ? '' : letterOf(Math.floor(index / ALPHABET) - 1)) +
  String.fromCharCode(65 + (index % ALPHABET));

/** Its place, from 0. */
export const placeOf = (letter: Letter): number =>
  [...letter].reduce((n, c) => n * ALPHABET + c.charCodeAt(0) - 64, 0) - 1;

const kind = (letter: Letter) => String.fromCharCode(65 + (placeOf(letter) % KINDS));

export const colour = (letter: Letter) => `var(--c${kind(letter)})`;
export const textColour = (letter: Letter) => `var(--t${kind(letter)})`;
