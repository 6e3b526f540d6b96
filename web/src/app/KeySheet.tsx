import { Heading, Key } from '../ui/Layout';
import { Sheet } from '../ui/Sheet';
import { KEY_LIST } from '../ui/shortcuts';

export function KeySheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Sheet open={open} onClose={onClose} title="Keys">
      {KEY_LIST.map(([where, keys]) => (
        <section key={where} className="mb-4">
          <Heading>{where}</Heading>
          <dl className="grid grid-cols-[110px_1fr] gap-y-1.5 text-sm">
            {keys.map(([key, what]) => (
              <div key={key} className="contents">
                <dt className="flex gap-1">
                  {key.split(' ').map((k) => (
                    <Key key={k}>{k}</Key>
                  ))}
                </dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </Sheet>
  );
}
