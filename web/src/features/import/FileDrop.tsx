import { useRef, useState } from 'react';
import { Button } from '../../ui/Button';
import { filesOf } from './dropped';

const ACCEPTED = '.csv,.txt,.tsv,.gpx,.nmea,.log,text/csv,application/gpx+xml';

/** Files come in here: chosen, dropped, or a whole folder of them. */
export function FileDrop({
  onFiles,
  progress,
}: {
  onFiles: (files: File[]) => void;
  progress: string | null;
}) {
  const [over, setOver] = useState(false);
  const folder = useRef<HTMLInputElement>(null);
  const take = (files: FileList | null) => files && files.length > 0 && onFiles([...files]);
  return (
    <div className="grid gap-2">
      <label
        className={`block cursor-pointer border-2 border-dashed p-6 text-center focus-within:outline-3 focus-within:outline-ink ${over ? 'border-ink bg-band' : 'border-edge bg-sheet'}`}
        onDragOver={(e) => {
          e.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={(e) => {
          e.preventDefault();
          setOver(false);
          void filesOf(e.dataTransfer).then((files) => files.length > 0 && onFiles(files));
        }}
      >
        <b className="font-[650]">Choose files</b> or drop them here
        <span className="mt-1 block text-[13px] text-ink-3">
          CSV, GPX or NMEA, up to 512 MB each; a folder, too
        </span>
        <input
          type="file"
          multiple
          aria-label="Choose files"
          accept={ACCEPTED}
          className="sr-only"
          onChange={(e) => {
            take(e.target.files);
            e.target.value = '';
          }}
        />
        <span role="status" className="mt-2 block text-sm">
          {progress}
        </span>
      </label>
      <Button tone="link" className="justify-self-start" onClick={() => folder.current?.click()}>
        Choose a folder
      </Button>
      <input
        ref={(input) => {
          folder.current = input;
          input?.setAttribute('webkitdirectory', '');
        }}
        type="file"
        aria-label="Choose a folder"
        tabIndex={-1}
        className="sr-only"
        onChange={(e) => {
          take(e.target.files);
          e.target.value = '';
        }}
      />
    </div>
  );
}
