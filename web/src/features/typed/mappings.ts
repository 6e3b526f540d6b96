import type { PastedView } from '../../api/types';
import type { ColumnName, Unit } from './sheet';

export type Choice = { column: ColumnName | ''; unit: Unit | '' };

const KEY = 'frenum.pasted';
const MOST = 50;

type Kept = { header: string; choices: Choice[] };

/** A header by its titles; one without any is asked about every time. */
const headerOf = (pasted: PastedView) =>
  pasted.columns.every((c) => c.title !== '') ? pasted.columns.map((c) => c.title).join('\t') : null;

const all = (): Kept[] => {
  try {
    const kept = JSON.parse(window.localStorage.getItem(KEY) ?? '[]') as Kept[];
    return Array.isArray(kept) ? kept : [];
  } catch {
    return [];
  }
};

/** What somebody said once of the columns under a header, on this device. */
export const mappings = {
  of(pasted: PastedView): Choice[] | null {
    const header = headerOf(pasted);
    return all().find((k) => k.header === header)?.choices ?? null;
  },
  keep(pasted: PastedView, choices: Choice[]) {
    const header = headerOf(pasted);
    if (header === null) return;
    const others = all().filter((k) => k.header !== header);
    window.localStorage.setItem(KEY, JSON.stringify([{ header, choices }, ...others].slice(0, MOST)));
  },
};
