import { useDialog } from 'elastic-shell/react';
import type { DialogOptions } from 'elastic-shell';
import type { ReactNode } from 'react';

export type YardModalProps = {
  title: string;
  /** narrow, medium, wide or full; medium when left out. */
  size?: DialogOptions['size'];
  /** Whose state it is: the parent's. It is asked before the modal opens or closes. */
  open: boolean;
  onOpenChange(open: boolean): void;
  /** Asked before it closes; false keeps it open, and what it throws is shown in it. */
  mayClose?(result: string | null): boolean | Promise<boolean>;
  /** The place at the bottom, given a function that makes a button close the modal with a result. */
  footer(closer: (result?: string) => object, isBusy: boolean): ReactNode;
  children: ReactNode;
};

/** A modal with named places: a title, a body that scrolls, and a footer that stays. */
export function YardModal({ title, size, open, onOpenChange, mayClose, footer, children }: YardModalProps) {
  const modal = useDialog({
    size: size ?? 'medium',
    open: [open, onOpenChange],
    guard: ({ value: opens, result }) => opens === true || (mayClose?.(result ?? null) ?? true),
  });
  return (
    <dialog {...modal.root}>
      <header>
        <h2>{title}</h2>
        <button {...modal.closer()} aria-label="Close">
          ×
        </button>
      </header>
      <div>{children}</div>
      <footer>{footer(modal.closer, modal.busy)}</footer>
    </dialog>
  );
}
