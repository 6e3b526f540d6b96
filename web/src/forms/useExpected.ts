import type { Schemas } from '../api/types';
import { useSymbols } from './useForms';

type Guess = Schemas['Guess'];

/** A figure that was expected, as it was typed. */
export function useGuessWords(): (guess: Guess) => string {
  const symbol = useSymbols();
  return ({ sense, size }) =>
    size
      ? `${size.entered} ${symbol(size.unit)} ${sense === 'SHORTER' ? 'shorter' : 'longer'}`
      : 'no difference';
}

/** What was expected: the figure first, then what was written beside it. */
export function useExpectedWords(): (expected: { expectation: string; guess: Guess | null }) => string {
  const words = useGuessWords();
  return ({ expectation, guess }) => [guess && words(guess), expectation].filter(Boolean).join(', ');
}
