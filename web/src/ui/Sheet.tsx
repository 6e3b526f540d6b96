import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { cx } from './cx';

/** The one layer above the page: a sheet with an ink edge, and nothing behind it dimmed. */
export function Sheet(props: {
  open: boolean;
  title: string;
  description?: string;
  onClose: () => void;
  children: ReactNode;
  /** Leaves the foot of the run card free and working: STOP TESTING is never covered. */
  trackside?: boolean;
}) {
  return (
    <Dialog.Root open={props.open} modal={!props.trackside} onOpenChange={(open) => !open && props.onClose()}>
      <Dialog.Portal>
        {!props.trackside && <Dialog.Overlay className="fixed inset-0" />}
        <Dialog.Content
          data-density={props.trackside ? 'trackside' : undefined}
          className={cx(
            'fixed left-1/2 w-[min(560px,calc(100vw-32px))] -translate-x-1/2 overflow-auto rounded-control border-2 border-ink bg-sheet p-6',
            props.trackside ? 'top-[2vh] max-h-[calc(97dvh-164px)]' : 'top-[12vh] max-h-[80vh]',
          )}
          {...(props.description ? {} : { 'aria-describedby': undefined })}
        >
          <Dialog.Title className="text-[19px] font-[640]">{props.title}</Dialog.Title>
          {props.description && (
            <Dialog.Description className="mt-1 text-sm text-ink-2">{props.description}</Dialog.Description>
          )}
          <div className="mt-4">{props.children}</div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
