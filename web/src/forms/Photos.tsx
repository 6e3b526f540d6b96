import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { photos } from '../api/queries';
import { keepPhoto, sendPhotos, waitingPhotos } from './photoQueue';

const RETRY_MS = 3000;

/** Pictures of a stop or a trial, and one more; what the network does not take yet waits in the browser's own store. */
export function Photos(props: { testId: string; subjectId: string; of: 'stop' | 'trial'; holder: string }) {
  const { testId, subjectId, holder } = props;
  const client = useQueryClient();
  const kept = useQuery(photos(testId)).data ?? [];
  const [waiting, setWaiting] = useState(0);
  const [why, setWhy] = useState('');
  useEffect(() => {
    const send = async () => {
      const before = (await waitingPhotos(testId)).length;
      if (before > 0) {
        await sendPhotos(testId).catch((e: unknown) => setWhy(String(e instanceof Error ? e.message : e)));
        await client.invalidateQueries({ queryKey: photos(testId).queryKey });
      }
      setWaiting((await waitingPhotos(testId)).length);
    };
    void send();
    const timer = window.setInterval(() => void send(), RETRY_MS);
    return () => window.clearInterval(timer);
  }, [client, testId]);
  const take = async (file: File | undefined) => {
    if (!file) return;
    setWhy('');
    try {
      await keepPhoto(file, { testId, subjectId, who: holder });
      await sendPhotos(testId);
      await client.invalidateQueries({ queryKey: photos(testId).queryKey });
    } catch (e) {
      setWhy(e instanceof Error ? e.message : String(e));
    }
    setWaiting((await waitingPhotos(testId)).length);
  };
  return (
    <div className="flex flex-wrap items-center gap-2">
      {kept
        .filter((p) => p.subjectId === subjectId)
        .map((p, i) => (
          <a key={p.id} href={`/api/photos/${p.id}`} target="_blank" rel="noreferrer">
            <img
              src={`/api/photos/${p.id}`}
              alt={`Photo ${i + 1} of this ${props.of}`}
              className="h-14 w-20 rounded-control object-cover"
            />
          </a>
        ))}
      <label className="inline-flex min-h-9 max-md:min-h-[44px] in-data-[density=trackside]:min-h-12 cursor-pointer items-center rounded-control px-3 text-[15px] font-[600] shadow-[inset_0_0_0_1.5px_var(--edge)] focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-ink">
        Add a photo
        <input
          type="file"
          accept="image/*"
          capture="environment"
          className="sr-only"
          onChange={(e) => {
            void take(e.target.files?.[0]);
            e.target.value = '';
          }}
        />
      </label>
      {waiting > 0 && <span className="text-[14px] text-ink-2">{waiting} not yet sent</span>}
      {why && (
        <p role="alert" className="w-full text-[14px] text-block">
          {why}
        </p>
      )}
    </div>
  );
}
