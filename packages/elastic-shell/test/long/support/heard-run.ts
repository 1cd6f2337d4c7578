// Takes walks with a screen reader, and compares what it says with what it has to say.
import { type Browser, type Listener, listenTo } from './listener';
import { type Step, type Walk, walks, type Words } from './heard-walks';
import { Hearing } from '../../../../cli/src/rehearse/heard';

/** What was said after one key; `exposed`: what the browser's accessibility tree has of what had focus then. */
export interface StepHeard {
  key: string;
  said: string[];
  exposed?: string;
}

/** What came of one walk. */
export interface WalkHeard {
  load: string[];
  steps: StepHeard[];
  /** Empty if everything was said that has to be. */
  faults: string[];
  /** How often it was begun again. */
  retries: number;
}

/** What came of all walks in one browser. */
export interface Heard {
  versions: string;
  date: string;
  seconds: number;
  walks: Record<string, WalkHeard>;
}

/** Between two utterances. */
const joint = ' / ';

/** Whether all words are said, in their order. */
function areSaid(said: readonly string[], words: Words): boolean {
  const text = said.join(joint);
  let from = 0;
  return words.every((word) => {
    const at = text.indexOf(word, from);
    from = at + word.length;
    return at >= 0;
  });
}

/** Milliseconds within which words have to be heard. */
const within = 5000;
/** How often a walk is taken until it counts as failed: the speech of one step may run into the next on a busy machine. */
const attempts = 3;

const quoted = (said: readonly string[]): string => (said.length ? `“${said.join(joint)}”` : 'nothing');

async function takeStep(
  listener: Listener,
  step: Step,
  browser: Browser,
  hearing: Hearing | undefined,
): Promise<[StepHeard, string | undefined]> {
  const { key } = step;
  // Orca's script for WebKitGTK is another one, and its words are only recorded.
  const wanted = browser === 'webkit' ? [] : (step.but?.[browser] ?? step.hears);
  hearing?.begin();
  const { said } = await listener.press(
    key,
    wanted?.length
      ? { until: (now) => areSaid(now, wanted), most: within }
      : { first: wanted ? 1500 : within },
  );
  const exposed = await hearing?.focus('');
  const isFault = wanted ? !areSaid(said, wanted) : !said.length;
  return [
    { key, said, ...(exposed && { exposed }) },
    isFault ? `${key}: ${quoted(said)} was said, wanted ${quoted(wanted ?? ['something'])}` : undefined,
  ];
}

async function takeWalk(listener: Listener, walk: Walk, browser: Browser, base: string): Promise<WalkHeard> {
  const { page, before, steps, notAtLoad = [], never = [] } = walk;
  const load = (await listener.open(base + page)).said;
  const faults = notAtLoad
    .filter((word) => load.some((text) => text.includes(word)))
    .map((word) => `at load: “${word}” was said`);
  await listener.goBefore(before);
  const hearing = browser === 'chromium' ? new Hearing(listener.page) : undefined;
  const heard: StepHeard[] = [];
  for (const step of steps) {
    const [result, fault] = await takeStep(listener, step, browser, hearing);
    heard.push(result);
    if (fault) faults.push(fault);
    const wrong =
      browser !== 'webkit' && never.find((word) => result.said.some((text) => text.includes(word)));
    if (wrong) faults.push(`${step.key}: “${wrong}” was said`);
    if (fault) break;
  }
  if (!heard[0]?.said.length) faults.push('its first stop is silent');
  return { load, steps: heard, faults, retries: 0 };
}

/** Takes all walks in one browser. `addresses`: of the desk, and of the test pages. */
export async function hear(
  browser: Browser,
  [desk, pages]: readonly [string, string],
  only = '',
): Promise<Heard> {
  const start = Date.now();
  const listener = await listenTo(browser);
  const result: Heard = {
    versions: listener.versions,
    date: new Date(start).toISOString().slice(0, 10),
    seconds: 0,
    walks: {},
  };
  try {
    for (const walk of walks) {
      if (!walk.name.includes(only)) continue;
      const base = walk.page.startsWith('heard.html') ? pages : desk;
      let heard = await takeWalk(listener, walk, browser, base);
      for (let retries = 1; heard.faults.length && retries < attempts; retries++)
        heard = { ...(await takeWalk(listener, walk, browser, base)), retries };
      result.walks[walk.name] = heard;
    }
  } finally {
    await listener.close();
  }
  result.seconds = Math.round((Date.now() - start) / 1000);
  return result;
}
