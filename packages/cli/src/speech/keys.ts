// Real keys on a display, as X names them.
import { execFile } from 'node:child_process';
import { promisify } from 'node:util';

/** Keys by their name in UI Events (https://www.w3.org/TR/uievents-key/), where X has another. */
const names: Readonly<{ [key: string]: string | undefined }> = {
  ' ': 'space',
  Space: 'space',
  Enter: 'Return',
  ArrowDown: 'Down',
  ArrowUp: 'Up',
  ArrowLeft: 'Left',
  ArrowRight: 'Right',
  PageDown: 'Next',
  PageUp: 'Prior',
  Backspace: 'BackSpace',
  Shift: 'shift',
  Control: 'ctrl',
  Alt: 'alt',
  Meta: 'super',
  '*': 'asterisk',
};

/** A key as xdotool takes it: `Shift+ArrowDown` is `shift+Down`. */
export const keyNamed = (key: string): string =>
  key === ' '
    ? 'space'
    : key
        .split('+')
        .map((name) => names[name] ?? name)
        .join('+');

const run = promisify(execFile);

/** Calls xdotool on a display, and returns what it prints. */
export async function xdotool(env: NodeJS.ProcessEnv, ...args: string[]): Promise<string> {
  const { stdout } = await run('/usr/bin/xdotool', args, { env, timeout: 30_000 });
  return stdout.trim();
}
