/** Hidden files that systems leave in folders. */
const isHidden = (name: string) => name.startsWith('.') || name === 'Thumbs.db' || name === 'desktop.ini';

const MOST = 200;

async function walk(entry: FileSystemEntry): Promise<File[]> {
  if (isHidden(entry.name)) return [];
  if (entry.isFile) {
    return [await new Promise<File>((ok, no) => (entry as FileSystemFileEntry).file(ok, no))];
  }
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  const all: FileSystemEntry[] = [];
  for (;;) {
    const some = await new Promise<FileSystemEntry[]>((ok, no) => reader.readEntries(ok, no));
    if (some.length === 0 || all.length > MOST) break;
    all.push(...some);
  }
  return (await Promise.all(all.map(walk))).flat();
}

/** All files that were dropped, those in dropped folders too. */
export async function filesOf(data: DataTransfer): Promise<File[]> {
  const entries = [...data.items].flatMap((item) => {
    const entry = item.webkitGetAsEntry();
    return entry ? [entry] : [];
  });
  const files = entries.some((e) => e.isDirectory)
    ? (await Promise.all(entries.map(walk))).flat()
    : [...data.files];
  return files.filter((f) => !isHidden(f.name)).slice(0, MOST);
}
