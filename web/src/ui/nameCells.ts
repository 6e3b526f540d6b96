const FEWEST = 4;

/** Gives every cell the name of its column, for tables that a phone shows row by row; those of few columns stay tables. */
export function nameCells(table: HTMLTableElement) {
  const heads = [...(table.tHead?.rows ?? [])].at(-1);
  const names = [...(heads?.cells ?? [])].flatMap((th) =>
    Array.from({ length: th.colSpan }, () => th.textContent ?? ''),
  );
  if (names.length < FEWEST) return;
  table.dataset.rows = '';
  for (const row of [...table.tBodies].flatMap((body) => [...body.rows])) {
    let column = 0;
    for (const cell of row.cells) {
      if (cell.colSpan === 1) cell.dataset.column = names[column] ?? '';
      column += cell.colSpan;
    }
  }
}
