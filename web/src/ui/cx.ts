import { twMerge } from 'tailwind-merge';

/** Joins class lists; later ones win. */
export const cx = (...classes: (string | false | undefined)[]) => twMerge(classes.filter(Boolean).join(' '));
