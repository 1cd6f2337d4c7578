// `rehearse --speech`: a screen reader on a desktop of its own, where it is installed.
import { Misuse } from '../misuse.js';
import { missingForSpeech } from '../speech/programs.js';
import { type ScreenReader, startScreenReader } from '../speech/screen-reader.js';
import type { BrowserName } from './browser.js';

/** Starts Orca. Throws `Misuse` if it cannot run here, or not with this browser. */
export async function readerFor(browser: BrowserName): Promise<ScreenReader> {
  if (browser !== 'chromium')
    throw new Misuse(`--speech drives Chromium only: leave out --browser ${browser}.`);
  if (process.platform !== 'linux')
    throw new Misuse('--speech runs the screen reader Orca, which is for Linux only.');
  const missing = missingForSpeech();
  if (missing.length)
    throw new Misuse(
      `--speech runs the screen reader Orca. Missing here: ${missing.join(', ')}. On Debian: apt-get install ${missing.join(' ')}`,
    );
  return startScreenReader();
}

/** Has the keys go to the page, not to the browser's own bars. */
export async function bringPageToFront(reader: ScreenReader): Promise<void> {
  await reader.bringToFront('chrom');
  await reader.after(() => reader.click(), { first: 300 });
}
