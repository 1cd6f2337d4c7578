// The top of every page of the desk: the sections on a small screen, the switches, the simulated server.
import { wireDisclosure, wireDrawer, wireSwitch, wireTooltip } from 'elastic-shell';
import './inspect';
import type { Server } from 'quillhaven-data/server';

const find = <E extends HTMLElement>(selector: string): E => document.querySelector<E>(selector)!;

/** A switch that the page follows with an attribute, and that is stored for this window. */
function follow(selector: string, name: string, guard?: (on: boolean) => Promise<void>): void {
  const { documentElement: page } = document;
  const key = `quillhaven-${name}`;
  const wired = wireSwitch(find(selector), {
    checked: sessionStorage.getItem(key) === 'true',
    guard: ({ value }) =>
      guard?.(value).catch((error: Error) => {
        find('#status').textContent = error.message;
        return false;
      }),
    onChange: ({ value }) => show(value as boolean),
  });
  const show = (on: boolean): void => {
    page.toggleAttribute(`data-${name}`, on);
    sessionStorage.setItem(key, `${on}`);
  };
  show(wired.checked.get());
}

export function wireTopbar(server: Server): void {
  wireDrawer(find('#sections'), { closedWhen: '(min-width: 40rem)' });
  // With enough space the style sheet shows it without the button.
  wireDisclosure(find('#office'));
  wireTooltip(find('#start-over-tip'));
  follow('#dark', 'dark');
  follow('#lights', 'lights', (on) => server.light(on));
  find<HTMLInputElement>('#failing').addEventListener('change', (event) => {
    server.failing = (event.target as HTMLInputElement).checked;
  });
  find('#start-over').addEventListener('click', () => {
    server.startOver();
    location.reload();
  });
}
