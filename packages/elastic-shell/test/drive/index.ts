// Firefox and WebKit as this machine has them, for tests and for environment.js, which the build compiles them for.
import { findBrowser } from '../../../../scripts/browsers.js';
import { openFirefox } from '../../../cli/src/drive/firefox';
import { openWebKit } from '../../../cli/src/drive/webkit';
import type { Environment, Wire } from '../../../cli/src/drive/wire';

/** The programs of a browser. */
function programsOf(name: 'firefox' | 'webkit', packages: string): string[] {
  const found = findBrowser(name);
  if (!found) throw new Error(`${name} is not installed: apt-get install ${packages}.`);
  return found as string[];
}

/** Starts a Firefox of its own, with one page; without a window, unless it is given a display. */
export async function firefox(more: Environment = {}): Promise<Wire> {
  const [program = ''] = programsOf('firefox', 'firefox-esr');
  return openFirefox(program, more);
}

/** Starts a WebKit of its own, with one page. */
export async function webkit(more: Environment = {}): Promise<Wire> {
  const [driver = '', display = '', browser = ''] = programsOf('webkit', 'webkit2gtk-driver xvfb');
  return openWebKit({ driver, display, browser }, more);
}
