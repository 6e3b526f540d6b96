/** What a file's name tells of where its stops belong; empty where it does not tell. */
export type Told = { configuration: string; block: string };

const BLOCK = /(?:^|[\s])(?:block|run|series|set|b|r)\s*(\d{1,2})(?=$|\s)/i;
const TRAILING = /\s(\d{1,2})$/;
/** Dates, times and what loggers put before everything. */
const NOISE =
  /\b\d{4}[ ]?\d{2}[ ]?\d{2}\b|\b\d{6,14}\b|\b\d{1,2}[h.:]\d{2}\b|\b(?:log|logger|stops?|export|data|session|track|copy)\b/gi;

/** "tarn_New-Pads run2.csv" → "tarn New Pads run2". */
const plain = (name: string) =>
  name
    .replace(/^.*[\\/]/, '')
    .replace(/\.[a-z0-9]{1,5}$/i, '')
    .replace(/[\s_\-–.]+/g, ' ')
    .trim();

const key = (text: string) => plain(`${text}.x`).toLowerCase();

/** Words that all names begin with say nothing of any of them. */
function sharedWords(names: string[]): number {
  if (names.length < 2) return 0;
  const words = names.map((n) => n.split(' '));
  const least = Math.min(...words.map((w) => w.length)) - 1;
  let shared = 0;
  while (shared < least && words.every((w) => w[shared]?.toLowerCase() === words[0]?.[shared]?.toLowerCase()))
    shared++;
  return shared;
}

/** Of all files that come in together, by their names and by the configurations that are known. */
export function toldByNames(files: string[], known: string[]): Told[] {
  const plains = files.map((f) => plain(f));
  const shared = sharedWords(plains.map((p) => p.replace(NOISE, ' ').replace(/\s+/g, ' ').trim()));
  return plains.map((name) => {
    const cleaned = name.replace(NOISE, ' ').replace(/\s+/g, ' ').trim();
    const block = BLOCK.exec(cleaned)?.[1] ?? TRAILING.exec(cleaned)?.[1] ?? '';
    const rest = cleaned.replace(BLOCK, ' ').replace(TRAILING, '').replace(/\s+/g, ' ').trim();
    const match = known
      .filter((k) => k !== '' && key(cleaned).includes(key(k)))
      .sort((a, b) => b.length - a.length)[0];
    return {
      configuration: match ?? rest.split(' ').slice(shared).join(' '),
      block: block.replace(/^0+(?=\d)/, ''),
    };
  });
}
