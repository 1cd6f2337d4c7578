// Puts the whole library in reach of a test, as `shell`, with a log of every change.
import * as library from '../../../src/index';
import * as engine from '../../../src/engine';
import { journal } from '../../../src/journal/index';
import '../../../src/elements/index';

const log: string[] = [];
const wired: Record<string, library.Wired> = {};

/** Wires `#id` and keeps it under its id; its changes go to the log as "id name value reason". */
function wire(
  kind: 'dialog' | 'disclosure' | 'drawer' | 'popover' | 'tooltip',
  id: string,
  options: object = {},
): library.Wired {
  const root = document.getElementById(id)!;
  const onChange = ({ name, value, reason, result }: library.Change): void => {
    log.push(`${id} ${name} ${String(value)} ${reason}${result === undefined ? '' : ` ${String(result)}`}`);
  };
  const wires = {
    dialog: library.wireDialog,
    disclosure: library.wireDisclosure,
    drawer: library.wireDrawer,
    tooltip: library.wireTooltip,
    popover: library.wirePopover,
  };
  const made = wires[kind](root, { onChange, ...options });
  wired[id] = made;
  return made;
}

const shell = { ...library, engine, journal, wire, wired, log };
export type Shell = typeof shell;
declare global {
  var shell: Shell;
}
globalThis.shell = shell as Shell;
