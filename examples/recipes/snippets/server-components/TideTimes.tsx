'use client'; // What docs/guides/server-components.md shows.
import { useDialog } from 'elastic-shell/react';
import type { ReactNode } from 'react';

export function TideTimes({ children }: { children: ReactNode }) {
  const tides = useDialog();
  return (
    <>
      <button {...tides.opener()}>Tide times</button>
      <dialog {...tides.root}>
        <h2>Tide times</h2>
        {children}
        <button {...tides.closer()}>Close</button>
      </dialog>
    </>
  );
}
