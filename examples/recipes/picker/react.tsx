import type { Item } from 'elastic-shell';
import { Content, useListbox, usePopover } from 'elastic-shell/react';
import { useState } from 'react';
import './pennants.css';

type Picked = { picked: string | undefined; onPick(key: string | undefined): void };

function Pennants({ pennants, picked, onPick }: Picked & { pennants: readonly Item[] }) {
  const list = useListbox({ items: pennants, layout: 'grid', selected: [picked, onPick] });
  return <div {...list.root} aria-label="Pennants" className="pennants" />;
}

/** A field with a picker in a popover. The picker loads when the popover opens. */
export function PennantField({ label, picked, onPick }: Picked & { label: string }) {
  const popover = usePopover({
    loadOn: 'hover',
    // If loading fails, the popover shows the error and a retry button. Closing it cancels loading.
    async content(signal): Promise<readonly Item[]> {
      const response = await fetch('/yard/pennants', { signal });
      if (!response.ok) throw new Error('The pennants could not be loaded.');
      return response.json();
    },
  });
  const pick = (key: string | undefined) => {
    onPick(key);
    popover.close();
  };
  return (
    <>
      <button {...popover.opener()}>
        {label}: {picked ?? 'none'}
      </button>{' '}
      <div {...popover.root} aria-label={label}>
        <div data-content />
      </div>
      <Content<readonly Item[]> of={popover}>
        {(pennants) => <Pennants pennants={pennants} picked={picked} onPick={pick} />}
      </Content>
    </>
  );
}

/** Two fields that share one state. */
export function PennantFields() {
  const [pennant, setPennant] = useState<string | undefined>();
  return (
    <div>
      <PennantField label="Pennant at the mast" picked={pennant} onPick={setPennant} />
      <PennantField label="Pennant on the board" picked={pennant} onPick={setPennant} />
    </div>
  );
}
