import { useDialog } from 'elastic-shell/react';
import type { DialogOptions } from 'elastic-shell';
import type { ReactNode } from 'react';

export type YardModalProps = {
  title: string;
  /** The width: narrow, medium, wide or full. Default: medium. */
  size?: DialogOptions['size'];
  /** The state, which the parent controls. It is set before the dialog opens or closes. */
  open: boolean;
  onOpenChange(open: boolean): void;
  /** Called before it closes. Return false to keep it open. If it throws, the dialog shows the message. */
  mayClose?(result: string | null): boolean | Promise<boolean>;
  /** The footer. It gets a function that makes a button close the dialog with a result. */
  footer(closer: (result?: string) => object, isBusy: boolean): ReactNode;
  children: ReactNode;
};

/** A dialog with slots: a title, scrolling content and a footer. */
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
