// The grid of pennants: a component of its own, loaded when it is needed.
import { useListbox } from 'elastic-shell/react';
import type { NamedPennant } from 'quillhaven-gallery/office';
import { PennantSign } from './PennantSign';

interface Props {
  pennants: readonly NamedPennant[];
  chosen: string | undefined;
  onChoose(pennant: NamedPennant): void;
}

export default function PennantGrid({ pennants, chosen, onChoose }: Props) {
  const choose = (id: string | undefined) => {
    const pennant = pennants.find((each) => each.id === id);
    if (pennant) onChoose(pennant);
  };
  const grid = useListbox({ layout: 'grid', activation: 'manual', selected: [chosen, choose] });
  return (
    <div {...grid.root} aria-label="Pennants" className="choices">
      {pennants.map((pennant) => (
        <div key={pennant.id} {...grid.option(pennant.id)} aria-label={pennant.name} title={pennant.name}>
          <PennantSign pennant={pennant} />
        </div>
      ))}
    </div>
  );
}
