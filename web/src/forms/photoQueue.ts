import { newId } from '../api/newId';
import { del, entries, set } from 'idb-keyval';
import { api, as, ask, Problem } from '../api/client';

const PREFIX = 'frenum.photo.';
const LONGEST_PX = 1600;

/** A photo on its way: kept in the browser's own store until Frenum has it. */
export type Waiting = { id: string; testId: string; subjectId: string; who: string; jpeg: Blob };

/** The picture as it is shown on screen, upright and no larger than Frenum keeps it. */
async function reduced(file: File): Promise<Blob> {
  const bitmap = await createImageBitmap(file);
  const scale = Math.min(1, LONGEST_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(bitmap.width * scale);
  canvas.height = Math.round(bitmap.height * scale);
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  const jpeg = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.85));
  if (!jpeg) throw new Error('This file is not a picture that can be opened.');
  return jpeg;
}

export async function keepPhoto(file: File, of: Omit<Waiting, 'id' | 'jpeg'>): Promise<void> {
  const jpeg = await reduced(file).catch(() => {
    throw new Error('This file is not a picture that can be opened. Take a JPEG or a PNG.');
  });
  const waiting: Waiting = { ...of, id: newId(), jpeg };
  await set(PREFIX + waiting.id, waiting);
}

export async function waitingPhotos(testId: string): Promise<Waiting[]> {
  const all = await entries<string, Waiting>();
  return all.filter(([key, w]) => key.startsWith(PREFIX) && w.testId === testId).map(([, w]) => w);
}

let sending: Promise<void> = Promise.resolve();

/** The answers that refuse a picture for what it is: no picture, or too large a one. */
const REFUSED_FOR_WHAT_IT_IS = [413, 422];

/**
 * Sends what waits, one caller after another. A picture is let go once it is kept, or refused for what it is; whatever
 * else goes wrong is told, and it waits here.
 */
export function sendPhotos(testId: string): Promise<void> {
  sending = sending.catch(() => undefined).then(() => sendAll(testId));
  return sending;
}

async function sendAll(testId: string): Promise<void> {
  for (const w of await waitingPhotos(testId)) {
    try {
      await ask(
        api.PUT('/api/tests/{testId}/photos/{id}', {
          params: { path: { testId, id: w.id }, query: { subjectId: w.subjectId } },
          headers: { ...as(w.who), 'Content-Type': 'application/octet-stream' },
          body: w.jpeg as never,
          bodySerializer: () => w.jpeg,
        }),
      );
      await del(PREFIX + w.id);
    } catch (e) {
      if (e instanceof Problem && e.offline) return;
      if (e instanceof Problem && REFUSED_FOR_WHAT_IT_IS.includes(e.status)) await del(PREFIX + w.id);
      throw e;
    }
  }
}
