import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

/** The one layer above the page: a sheet with an ink edge, and nothing behind it dimmed. */
export function Sheet(props: {
  open: boolean;
  title: string;
  description?: string;
  onClose: () => void;
  children: ReactNode;
}) {
  return (
    <Dialog.Root open={props.open} onOpenChange={(open) => !open && props.onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0" />
        <Dialog.Content
          className="fixed top-[12vh] left-1/2 max-h-[80vh] w-[min(560px,calc(100vw-32px))] -translate-x-1/2 overflow-auto rounded-control border-2 border-ink bg-sheet p-6"
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
