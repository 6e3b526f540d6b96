import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../../api/client';
import { Button } from '../../ui/Button';
import { Failure, Heading, Strip } from '../../ui/Layout';

/** The garage and one's own procedures as one open file, out and in. */
export function BundleStrip() {
  const client = useQueryClient();
  const [text, setText] = useState('');
  const bring = useMutation({
    mutationFn: (p: { text: string; asCopies: boolean }) =>
      ask(
        api.POST('/api/bundle', {
          params: { query: { asCopies: p.asCopies } },
          headers: { 'Content-Type': 'application/json' },
          // The file goes as it is; only its reader knows what is wrong with it.
          body: p.text,
          bodySerializer: (text) => text,
        }),
      ),
    onSuccess: () => client.invalidateQueries(),
  });
  const fields = bring.error instanceof Problem ? Object.entries(bring.error.fields) : [];
  const differs = bring.error instanceof Problem && bring.error.message.includes('as copies');
  return (
    <Strip className="no-print">
      <Heading note="vehicles, configurations and your own procedures, as one JSON file">Take along</Heading>
      <div className="flex flex-wrap items-center gap-5 text-sm">
        <a className="underline" href="/api/bundle" download="frenum-bundle.json">
          Download the bundle
        </a>
        <label className="cursor-pointer underline focus-within:outline-3 focus-within:outline-ink">
          Bring a bundle in
          <input
            type="file"
            accept=".json,application/json"
            className="sr-only"
            onChange={(e) => {
              const file = e.target.files?.[0];
              e.target.value = '';
              void file?.text().then((read) => {
                setText(read);
                bring.mutate({ text: read, asCopies: false });
              });
            }}
          />
        </label>
        <a className="underline" href="/api/bundle/schema">
          Its schema
        </a>
        <span role="status">
          {bring.data &&
            `${bring.data.added.length} added${bring.data.added.length > 0 ? `: ${bring.data.added.join(', ')}` : ''}; ${bring.data.alreadyHere.length} were here already, the same.`}
        </span>
      </div>
      {bring.error && fields.length === 0 && <Failure error={bring.error} />}
      {fields.length > 0 && (
        <div role="alert" className="mt-3 border-l-[3px] border-block bg-sheet p-4 text-sm">
          <p className="font-[650] text-block">Nothing was brought in</p>
          <ul className="mt-1 grid gap-1">
            {fields.map(([place, message]) => (
              <li key={place}>
                <code>{place}</code>: {message}
              </li>
            ))}
          </ul>
        </div>
      )}
      {differs && (
        <Button className="mt-3" onClick={() => bring.mutate({ text, asCopies: true })}>
          Bring it in as copies
        </Button>
      )}
    </Strip>
  );
}
