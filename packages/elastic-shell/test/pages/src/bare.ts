// Puts the whole library in reach of a test, as `shell`, with a log of every change.
import { runTimers } from './timers';
import * as library from '../../../src/index';
import * as contracts from '../../../src/core/index';
import * as engine from '../../../src/engine';
import { journal } from '../../../src/journal/index';
import '../../../src/elements/index';
import { laws } from './lives/laws';
import { wires } from './lives/wires';
import { keepPage } from './reset';
import { live } from './lives/many';
import { playground } from './lives/playground';

const log: string[] = [];
const wired: Record<string, library.Wired> = {};

const textOf = (value: unknown): string => (value instanceof Set ? [...value].join(' ') : String(value));

/** Wires `#id` and keeps it under its id; its changes go to the log as "id name value reason". */
function wire(
  kind: keyof typeof wires,
  id: string,
  options: object = {},
  root = document.getElementById(id)!,
): library.Wired {
  const onChange = ({ name, value, reason, result }: library.Change): void => {
    log.push(`${id} ${name} ${textOf(value)} ${reason}${result === undefined ? '' : ` ${String(result)}`}`);
  };
  const made = (wires[kind] as library.Wire)(root, { onChange, ...options });
  wired[id] = made;
  return made;
}

/** Brings the inspector, as a page does while it is built. */
const inspect = () => import('../../../src/inspector/index');

const backToLoaded = keepPage();
/** Brings the page back to how it was when it had loaded; returns false if it must be loaded afresh. */
function reset(): boolean {
  for (const id of Object.keys(wired)) {
    wired[id]!.unwire();
    delete wired[id];
  }
  const isBack = backToLoaded();
  log.length = 0;
  return isBack;
}

const shell = {
  ...library,
  reset,
  contracts,
  engine,
  journal,
  laws,
  live,
  playground,
  runTimers,
  wire,
  wired,
  log,
  inspect,
};
export type Shell = typeof shell;
declare global {
  var shell: Shell;
}
globalThis.shell = shell as Shell;
