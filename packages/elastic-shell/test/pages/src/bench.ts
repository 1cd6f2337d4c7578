// What `npm run bench` measures: each figure beside the platform or a hand-written script, in one run.
import { wireDialog, wireDisclosure } from '../../../src/index';

const rounds = 15;
const sections = 1000;

const median = (times: number[]): number => [...times].sort((a, b) => a - b)[times.length >> 1]!;
const timed = (act: () => void): number => {
  const began = performance.now();
  act();
  return performance.now() - began;
};
const frame = (): Promise<void> => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
const layout = (): number => document.body.offsetHeight;

export interface Figure {
  what: string;
  /** Milliseconds, the median. */
  ours: number;
  theirs: number;
  against: string;
  /** The greatest ratio that is within budget. */
  budget: number;
}

/** Runs both in turn, `rounds` times, so that a slow moment of the machine falls on both. */
async function compare(
  what: string,
  against: string,
  budget: number,
  ours: () => number,
  theirs: () => number,
): Promise<Figure> {
  const times: [number[], number[]] = [[], []];
  for (let round = 0; round < rounds + 3; round++) {
    for (const [at, act] of [ours, theirs].entries()) {
      await frame();
      const time = act();
      if (round >= 3) times[at]!.push(time);
    }
  }
  return { what, against, budget, ours: median(times[0]), theirs: median(times[1]) };
}

const buttons = (): string =>
  Array.from(
    { length: sections },
    (_, at) =>
      `<section><button commandfor="p${at}" command="--toggle">${at}</button><div id="p${at}" hidden><p>Text ${at}</p></div></section>`,
  ).join('');
const details = (): string =>
  Array.from(
    { length: sections },
    (_, at) => `<details><summary>${at}</summary><p>Text ${at}</p></details>`,
  ).join('');

/** The shortest script that one would type: a listener an element, an attribute toggled. */
function byHand(): () => void {
  const releases = [...document.querySelectorAll<HTMLElement>('section button')].map((button) => {
    const panel = document.getElementById(button.getAttribute('commandfor')!)!;
    button.setAttribute('aria-expanded', 'false');
    button.setAttribute('aria-controls', panel.id);
    const toggle = (): void => {
      panel.hidden = !panel.hidden;
      button.setAttribute('aria-expanded', String(!panel.hidden));
    };
    button.addEventListener('click', toggle);
    return () => button.removeEventListener('click', toggle);
  });
  return () => releases.forEach((release) => release());
}

const wireAll = (): (() => void) => {
  const wired = [...document.querySelectorAll<HTMLElement>('section > div')].map((panel) =>
    wireDisclosure(panel),
  );
  return () => wired.forEach((each) => each.unwire());
};

async function wiring(): Promise<Figure> {
  const measure = (wire: () => () => void) => (): number => {
    document.body.innerHTML = buttons();
    layout();
    let release!: () => void;
    const time = timed(() => {
      release = wire();
    });
    release();
    return time;
  };
  return compare(
    `wire ${sections} disclosures`,
    'a hand-written script',
    1.5,
    measure(wireAll),
    measure(byHand),
  );
}

async function toggling(): Promise<Figure> {
  document.body.innerHTML = `<div id="ours">${buttons()}</div><div id="theirs">${details()}</div>`;
  const release = wireAll();
  layout();
  const press = (selector: string) => (): number => {
    const target = document.querySelector<HTMLElement>(selector)!;
    return timed(() => {
      target.click();
      layout();
    });
  };
  const figure = await compare(
    `toggle one of ${sections} sections, to layout`,
    '<details>',
    1.3,
    press('#ours section:nth-child(500) button'),
    press('#theirs details:nth-child(500) summary'),
  );
  release();
  return figure;
}

async function opening(): Promise<Figure> {
  const page = Array.from(
    { length: 2500 },
    (_, at) => `<div><span>${at}</span><button>b</button><i>i</i></div>`,
  ).join('');
  const dialog = (id: string): string =>
    `<dialog id="${id}"><h2>T</h2><button commandfor="${id}" command="close">C</button></dialog>`;
  document.body.innerHTML = page + dialog('ours') + dialog('theirs');
  const plain = document.getElementById('theirs') as HTMLDialogElement;
  const wired = wireDialog(document.getElementById('ours')!);
  layout();
  const figure = await compare(
    'open a modal on a page of 10,000 elements, to layout',
    'showModal() alone',
    1.3,
    () => {
      const time = timed(() => {
        wired.show();
        layout();
      });
      wired.close();
      return time;
    },
    () => {
      const time = timed(() => {
        plain.showModal();
        layout();
      });
      plain.close();
      return time;
    },
  );
  wired.unwire();
  return figure;
}

/** Opens and closes `times`; wires and unwires as often. For the heap, which the caller measures. */
async function churn(times: number): Promise<void> {
  document.body.innerHTML =
    '<button commandfor="d" command="--open">O</button><dialog id="d"><h2>T</h2><button>C</button></dialog>';
  const root = document.getElementById('d')!;
  for (let turn = 0; turn < times; turn++) {
    const wired = wireDialog(root);
    wired.show();
    wired.close();
    wired.unwire();
    if (turn % 100 === 0) await frame();
  }
  await frame();
}

const bench = { wiring, toggling, opening, churn };
export type Bench = typeof bench;
(globalThis as unknown as { bench: Bench }).bench = bench;
