// What `npm run bench` measures: each figure beside the platform or a hand-written script, in one run.
import { listing } from './bench-lists';
import { layered, nesting, offering } from './bench-layers';
import { compare, type Figure, frame, layout, timed, wiringOf } from './timing';
import { wireAccordion, wireDialog, wireDisclosure, wirePopover } from '../../../src/index';

const sections = 1000;

const buttons = (count = sections): string =>
  Array.from(
    { length: count },
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

/** Presses what `selector` finds, to layout. */
const press = (selector: string) => (): number => {
  const target = document.querySelector<HTMLElement>(selector)!;
  return timed(() => {
    target.click();
    layout();
  });
};

const wireAll = (): (() => void) => {
  const wired = [...document.querySelectorAll<HTMLElement>('section > div')].map((panel) =>
    wireDisclosure(panel),
  );
  return () => wired.forEach((each) => each.unwire());
};

/** The same buttons and panels as a server writes them, with all that says their state. */
function written(): string {
  document.body.innerHTML = buttons();
  const release = wireAll();
  const html = document.body.innerHTML;
  release();
  return html;
}

async function carrying(): Promise<Figure> {
  const html = written();
  return compare(
    `wire ${sections} disclosures whose markup says it all, to layout`,
    'a hand-written script',
    1.2,
    wiringOf(wireAll, () => html),
    wiringOf(byHand, () => html),
  );
}

async function wiring(): Promise<Figure[]> {
  const of = (count: number, turns?: number): Promise<Figure> =>
    compare(
      `wire ${count} disclosures, to layout`,
      'a hand-written script',
      1.5,
      wiringOf(wireAll, () => buttons(count)),
      wiringOf(byHand, () => buttons(count)),
      turns,
    );
  return [await of(sections), await of(10_000, 5)];
}

async function toggling(): Promise<Figure> {
  document.body.innerHTML = `<div id="ours">${buttons()}</div><div id="theirs">${details()}</div>`;
  const release = wireAll();
  layout();
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
    1,
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

const accordion = (count: number, nodes = 3): string =>
  Array.from(
    { length: count },
    (_, at) => `<h3><button>${at}</button></h3><div hidden>${'<p>Text</p>'.repeat(nodes)}</div>`,
  ).join('');

async function sectioning(): Promise<Figure[]> {
  const wired = await compare(
    `wire an accordion of ${sections} sections, to layout`,
    'a hand-written script',
    2.5,
    wiringOf(
      () => wireAccordion(document.getElementById('ours')!).unwire,
      () => `<div id="ours">${accordion(sections)}</div>`,
    ),
    wiringOf(byHand, buttons),
  );
  document.body.innerHTML = `<div id="ours">${accordion(sections)}</div><div id="theirs">${details()}</div>`;
  const ours = wireAccordion(document.getElementById('ours')!, { elastic: 'none' });
  layout();
  const toggled = await compare(
    `toggle one of an accordion’s ${sections} sections, to layout`,
    '<details>',
    1.1,
    press('#ours h3:nth-of-type(500) button'),
    press('#theirs details:nth-child(500) summary'),
  );
  ours.unwire();
  return [wired, toggled];
}

/** How a way of opening panels keeps up with the frames while it moves. */
export interface Smoothness {
  frames: number;
  /** Frames that came more than half a frame late. */
  late: number;
  /** Milliseconds of the slowest. */
  slowest: number;
}

async function watchFrames(milliseconds: number): Promise<Smoothness> {
  const times: number[] = [];
  const end = performance.now() + milliseconds;
  let last = performance.now();
  while (last < end) {
    await new Promise((resolve) => requestAnimationFrame(resolve));
    const now = performance.now();
    times.push(now - last);
    last = now;
  }
  return {
    frames: times.length,
    late: times.filter((time) => time > 25).length,
    slowest: Math.max(...times),
  };
}

/** The measured height that one would write by hand: read, set, and let a transition run. */
function measureByHand(): void {
  for (const panel of document.querySelectorAll<HTMLElement>('#all div')) {
    panel.hidden = false;
    panel.style.cssText = 'overflow:hidden;height:0;transition:height 200ms ease-out';
    const height = panel.scrollHeight;
    panel.style.height = `${height}px`;
  }
}

/** Opens `count` panels of `nodes` elements at once, each in the way that `how` says. */
async function unfolding(
  how: 'ours' | 'details' | 'hand',
  count: number,
  nodes: number,
): Promise<Smoothness> {
  const inside = '<p>Text</p>'.repeat(nodes);
  document.body.innerHTML =
    how === 'details'
      ? `<div id="all">${`<details><summary>S</summary>${inside}</details>`.repeat(count)}</div>`
      : `<div id="all">${accordion(count, nodes)}</div>`;
  const root = document.getElementById('all')!;
  const wired = how === 'ours' ? wireAccordion(root) : undefined;
  await frame();
  await frame();
  const watched = watchFrames(300);
  if (wired) wired.expanded.set(new Set(Array.from({ length: count }, (_, at) => `${at}`)));
  else if (how === 'hand') measureByHand();
  else for (const each of root.querySelectorAll('details')) each.open = true;
  const smooth = await watched;
  wired?.unwire();
  return smooth;
}

/** Opens `count` popovers in a page that scrolls; `glued` lets the platform hold them to their anchors. */
function openPopovers(count: number, glued: boolean): { scroll: Element; release(): void } {
  const rows = Array.from(
    { length: 200 },
    (_, at) =>
      `<p style="height:32px;margin:0"><button commandfor="p${at}" command="--toggle" style="height:24px">${at}</button></p>`,
  ).join('');
  const layers = Array.from(
    { length: count },
    (_, at) => `<div id="p${40 + at}" popover="manual">${at}</div>`,
  );
  document.body.innerHTML = `<div id="scroll" style="height:700px;overflow:auto">${rows}</div>${layers.join('')}`;
  const scroll = document.getElementById('scroll')!;
  scroll.scrollTop = 1000;
  const supports = CSS.supports;
  if (!glued) CSS.supports = () => false;
  const wired = Array.from({ length: count }, (_, at) =>
    wirePopover(document.getElementById(`p${40 + at}`)!, {
      open: true,
      outside: 'keep',
      focusOut: 'keep',
      area: 'inline-end',
    }),
  );
  CSS.supports = supports;
  return { scroll, release: () => wired.forEach((each) => each.unwire()) };
}

const scrolled = 60;

/** Scrolls 3 pixels a frame with `count` popovers open. The caller measures the script meanwhile. */
async function scrolling(count: number, glued: boolean): Promise<number> {
  const { scroll, release } = openPopovers(count, glued);
  await frame();
  for (let turn = 0; turn < scrolled; turn++) {
    scroll.scrollTop += turn % 20 < 10 ? 3 : -3;
    await frame();
  }
  release();
  return scrolled;
}

/** The greatest distance in pixels between a popover and its place when frames are painted while script is stalled. */
async function lag(glued: boolean): Promise<number> {
  const { scroll, release } = openPopovers(1, glued);
  const [anchor, layer] = [document.querySelector('[commandfor=p40]')!, document.getElementById('p40')!];
  const apart = (): number => layer.getBoundingClientRect().y - anchor.getBoundingClientRect().y;
  await frame();
  const [resting, measured] = [apart(), [0]];
  // No script hears of it, as if it were busy.
  const stall = (event: Event): void => event.stopImmediatePropagation();
  addEventListener('scroll', stall, true);
  for (let turn = 0; turn < 8; turn++) {
    scroll.scrollTop += 15;
    await frame();
    measured.push(Math.abs(apart() - resting));
  }
  removeEventListener('scroll', stall, true);
  release();
  return Math.max(...measured);
}

const bench = {
  layered,
  nesting,
  offering,
  carrying,
  sectioning,
  listing,
  unfolding,
  scrolling,
  lag,
  wiring,
  toggling,
  opening,
  churn,
};
export type Bench = typeof bench;
(globalThis as unknown as { bench: Bench }).bench = bench;
