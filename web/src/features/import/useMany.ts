import { newId } from '../../api/newId';
import { useRef, useState } from 'react';
import { api, ask, upload } from '../../api/client';
import type { ImportPreview, SaveRequest } from '../../api/types';
import { toldByNames } from './fileNames';

/** One of several files: on its way in, looked at, kept or refused. */
export type Incoming = {
  id: string;
  name: string;
  state: 'waiting' | 'sending' | 'read' | 'refused' | 'saving' | 'saved';
  share: number;
  preview: ImportPreview | null;
  problem: string | null;
  configuration: string;
  block: string;
  wanted: boolean;
};

const message = (e: unknown) => (e instanceof Error ? e.message : String(e));

/** How many stops of a file would be kept. */
export const stopsOf = (file: Incoming) =>
  file.preview?.log?.stops.length ?? file.preview?.sheet?.stops.length ?? 0;

/** Several files at once: each is sent, read and kept by itself, and one that fails stops no other. */
export function useMany(testId: string | null, known: string[]) {
  const [files, setFiles] = useState<Incoming[]>([]);
  const round = useRef(0);
  const change = (id: string, part: Partial<Incoming>) =>
    setFiles((all) => all.map((f) => (f.id === id ? { ...f, ...part } : f)));

  const start = async (chosen: File[]) => {
    const mine = ++round.current;
    const told = toldByNames(
      chosen.map((f) => f.name),
      known,
    );
    const coming = chosen.map((file, i): Incoming => ({
      id: newId(),
      name: file.name,
      state: 'waiting',
      share: 0,
      preview: null,
      problem: null,
      configuration: told[i]?.configuration ?? '',
      block: told[i]?.block ?? '',
      wanted: true,
    }));
    setFiles(coming);
    for (const [i, one] of coming.entries()) {
      if (round.current !== mine) return;
      change(one.id, { state: 'sending' });
      const query = new URLSearchParams({ fileName: one.name, ...(testId && { testId }) });
      try {
        const preview = await upload<ImportPreview>(
          `/imports/${one.id}?${query}`,
          chosen[i] as File,
          (share) => change(one.id, { share }),
        );
        change(one.id, { state: 'read', preview });
      } catch (e) {
        change(one.id, { state: 'refused', problem: message(e), wanted: false });
      }
    }
  };

  /** Keeps every file that is wanted; answers with how many could not be. */
  const save = async (request: (file: Incoming) => SaveRequest): Promise<number> => {
    let failed = 0;
    for (const file of files.filter((f) => f.wanted && f.state === 'read')) {
      change(file.id, { state: 'saving', problem: null });
      try {
        await ask(
          api.POST('/api/imports/{id}/save', { params: { path: { id: file.id } }, body: request(file) }),
        );
        change(file.id, { state: 'saved' });
      } catch (e) {
        failed++;
        change(file.id, { state: 'read', problem: message(e) });
      }
    }
    return failed;
  };
  return { files, start, save, change };
}
