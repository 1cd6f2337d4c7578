// The steps of hauling out: an accordion with several open sections or one at a time, depending on a switch,
// and with more text inside.
import { type Accordion, cell, wireAccordion, wireDisclosure, wireSwitch } from 'elastic-shell';

const find = (selector: string): HTMLElement => document.querySelector<HTMLElement>(selector)!;

export function wireSteps(): void {
  const root = find('#steps');
  const expanded = cell<ReadonlySet<string>>(new Set(['step-1']));
  const exclusive = wireSwitch(find('#one-at-a-time'));
  let steps: Accordion | undefined;
  const wire = (oneAtATime: boolean): void => {
    steps?.unwire();
    const [first] = expanded.get();
    if (oneAtATime) expanded.set(new Set(first === undefined ? [] : [first]));
    steps = wireAccordion(root, { expanded, exclusive: oneAtATime, arrows: true });
  };
  exclusive.checked.subscribe(wire);
  wire(false);
  for (const more of root.querySelectorAll<HTMLElement>('.long')) wireDisclosure(more);
}
