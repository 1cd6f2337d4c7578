// What every page of the desk has at its top: the sections on a small screen, and the pretend server's switches.
import { wireDrawer, wireTooltip } from 'elastic-shell';
import type { Server } from 'quillhaven-data/server';

const find = <E extends HTMLElement>(selector: string): E => document.querySelector<E>(selector)!;

export function wireTopbar(server: Server): void {
  wireDrawer(find('#sections'), { closedWhen: '(min-width: 40rem)' });
  wireTooltip(find('#start-over-tip'));
  find<HTMLInputElement>('#failing').addEventListener('change', (event) => {
    server.failing = (event.target as HTMLInputElement).checked;
  });
  find('#start-over').addEventListener('click', () => {
    server.startOver();
    location.reload();
  });
}
