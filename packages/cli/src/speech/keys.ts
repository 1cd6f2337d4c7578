// Real keys on a display, by their X names.
import { execFile } from 'node:child_process';
import { promisify } from 'node:util';

/** Keys by their name in UI Events (https://www.w3.org/TR/uievents-key/), where X uses another. */
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

/** Returns a key for xdotool: `Shift+ArrowDown` becomes `shift+Down`. */
export const keyNamed = (key: string): string =>
  key === ' '
    ? 'space'
    : key
        .split('+')
        .map((name) => names[name] ?? name)
        .join('+');

const run = promisify(execFile);

/** Calls xdotool on a display, and returns its output. */
export async function xdotool(env: NodeJS.ProcessEnv, ...args: string[]): Promise<string> {
  const { stdout } = await run('/usr/bin/xdotool', args, { env, timeout: 30_000 });
  return stdout.trim();
}
