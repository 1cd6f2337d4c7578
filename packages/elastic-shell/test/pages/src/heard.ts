// Small pages for a screen reader, one a job: `heard.html?confirm`.
import {
  cell,
  wireCarousel,
  wireCombobox,
  wireDialog,
  wireDisclosure,
  wireDrawer,
  wireListbox,
  wireMenu,
  wirePopover,
  wireSwitch,
  wireTabs,
} from '../../../src/index';

/** Milliseconds that a request takes here: long enough for its progress to be announced. */
const slow = 1500;
const later = (milliseconds = slow): Promise<void> =>
  new Promise((resolve) => setTimeout(resolve, milliseconds));
const find = (id: string): HTMLElement => document.getElementById(id)!;

interface Job {
  markup: string;
  wire(): void;
}

/** A long list. */
const rivets = Array.from({ length: 10_000 }, (_, at) => ({ key: `${at + 1}`, label: `Rivet ${at + 1}` }));
/** Two tabs, and a dialog that holds nothing but its button. */
const tabs = `<div id="tabs"><div role="tablist" aria-label="Record">
        <button type="button" role="tab">Work</button><button type="button" role="tab">Papers</button></div>
        <div role="tabpanel">One</div><div role="tabpanel" hidden>Two</div></div>`;
const note = `<button type="button" commandfor="note" command="show-modal">Note</button>
      <dialog id="note"><h2>Note</h2><button type="button" commandfor="note" command="close">Read</button></dialog>`;
const slides = ['The bow', 'The keel', 'The stern', 'The rudder'];

const jobs: Record<string, Job> = {
  /** A question whose first answer fails. */
  confirm: {
    markup: `
      <button type="button" commandfor="question" command="show-modal">Strike order…</button>
      <output id="outcome"></output>
      <dialog id="question" role="alertdialog">
        <h2>Strike order W1041?</h2>
        <p>The order is taken off the list.</p>
        <p>
          <button type="button" commandfor="question" command="close" value="keep">Keep it</button>
          <button type="button" commandfor="question" command="close" value="strike">
            <span data-when="idle">Strike it</span><span data-when="busy">Striking…</span>
          </button>
        </p>
      </dialog>`,
    wire() {
      let fails = true;
      wireDialog(find('question'), {
        async guard({ result }) {
          if (result !== 'strike') return true;
          await later();
          if (fails) {
            fails = false;
            throw new Error('The office did not answer.');
          }
          return true;
        },
        onChange({ value, result }) {
          if (!value && result === 'strike') find('outcome').textContent = 'Struck.';
        },
      });
    },
  },
  /** A list of which only the rows in view are in the document. */
  rows: {
    markup: `<h2 id="rivets">Rivets</h2>
      <div role="listbox" id="list" aria-labelledby="rivets" style="height: 12em; overflow: auto"></div>
      <h2>After the list</h2><button type="button">After</button>`,
    wire() {
      wireListbox(find('list'), { items: rivets });
    },
  },
  /** A long list to search. */
  search: {
    markup: `<div id="field"><label for="text">Rivet</label>
      <div data-box><input id="text" role="combobox" /></div>
      <div popover="manual"><div role="listbox" aria-label="Rivets"></div></div></div>`,
    wire() {
      wireCombobox(find('field'), { items: rivets });
    },
  },
  /** What a guard refuses: a switch, a tab, and an item. */
  refused: {
    markup: `
      <button type="button" role="switch" id="lights" aria-label="Lights"></button>
      <div id="record">
        <div role="tablist" aria-label="Record">
          <button type="button" role="tab" data-key="work">Work</button>
          <button type="button" role="tab" data-key="papers">Papers</button>
        </div>
        <div role="tabpanel"><p>Two orders are open.</p></div>
        <div role="tabpanel" hidden><p>The survey of last spring.</p></div>
      </div>
      <p id="rig-name">Rig</p>
      <div role="listbox" id="rig" aria-labelledby="rig-name">
        <div role="option" data-key="cutter">Cutter</div>
        <div role="option" data-key="ketch">Ketch</div>
      </div>`,
    wire() {
      const guard = (why: string) => () => {
        throw new Error(why);
      };
      wireSwitch(find('lights'), { guard: guard('The lights are locked.') });
      wireTabs(find('record'), { guard: guard('The papers are locked.') });
      wireListbox(find('rig'), { guard: guard('The rig is sealed.') });
    },
  },
  /** Two levels of a menu. */
  submenu: {
    markup: `
      <button type="button" commandfor="boat" command="--toggle">Boat</button>
      <div role="menu" id="boat" popover="manual" aria-label="Boat">
        <button type="button" role="menuitem" data-key="lift">Lift</button>
        <button type="button" role="menuitem" commandfor="move" command="--toggle">Move to</button>
      </div>
      <div role="menu" id="move" popover="manual" aria-label="Move to">
        <button type="button" role="menuitem" data-key="quay">Quay</button>
        <button type="button" role="menuitem" data-key="slip">Slip</button>
      </div>`,
    wire() {
      wireMenu(find('boat'));
      wireMenu(find('move'));
    },
  },
  /** Slides that turn by themselves, each with a link; and a dialog beside them. */
  carousel: {
    markup: `
      <section id="plates" aria-label="Survey plates">
        <button type="button" commandfor="plates" command="--rotate"></button>
        <button type="button" commandfor="plates" command="--previous">Previous plate</button>
        <button type="button" commandfor="plates" command="--next">Next plate</button>
        <div data-slides>${slides.map((name) => `<div><a href="#${name}">${name}</a></div>`).join('')}</div>
      </section>
      ${note}`,
    wire() {
      wireCarousel(find('plates'), { interval: 4000 });
      wireDialog(find('note'));
    },
  },
  /** Content that takes long, in a popover and in a disclosure. */
  waiting: {
    markup: `
      <button type="button" commandfor="log" command="toggle-popover">Log</button>
      <div id="log" popover="manual" aria-label="Log"></div>
      <button type="button" commandfor="steps" command="--toggle">Before the haul</button>
      <div id="steps" hidden></div>`,
    wire() {
      wirePopover(find('log'), {
        keepContent: false,
        messages: { loading: () => 'Reading the log…' },
        content: async () => {
          await later();
          return 'All quiet since Tuesday.';
        },
      });
      let fails = true;
      wireDisclosure(find('steps'), {
        content: async () => {
          await later();
          if (fails) {
            fails = false;
            throw new Error('The steps did not come.');
          }
          return 'Clear the slip.';
        },
      });
    },
  },
  /** A drawer of links to other parts of an application, which swaps what `<main>` holds. */
  route: {
    markup: `
      <button type="button" commandfor="sections" command="show-modal">Sections</button>
      <dialog id="sections"><h2>Sections</h2>
        <ul><li><a href="#orders">Orders</a></li><li><a href="#berths">Berths</a></li></ul>
        <button type="button" commandfor="sections" command="close">Close</button></dialog>
      <main><h1 tabindex="-1">Home</h1></main>`,
    wire() {
      const drawer = wireDrawer(find('sections'));
      drawer.root.addEventListener('click', ({ target }) => {
        if (!(target instanceof HTMLAnchorElement)) return;
        document.title = target.textContent;
        document.querySelector('main')!.innerHTML = `<h1 tabindex="-1">${target.textContent}</h1>`;
        drawer.close();
        document.querySelector('h1')!.focus();
      });
    },
  },
  /** Layers whose first stop is a field. */
  form: {
    markup: `
      <button type="button" commandfor="tender" command="show-modal">Name the tender</button>
      <dialog id="tender"><h2>Name the tender</h2>
        <p><label>Name <input name="tender" /></label></p>
        <button type="button" commandfor="tender" command="close" value="named">Name it</button></dialog>`,
    wire() {
      wireDialog(find('tender'));
    },
  },
  /** Many selected things beside a modal. */
  selected: {
    markup: `
      ${tabs}
      <div role="listbox" id="rig" aria-label="Rig">
        <div role="option" data-key="cutter">Cutter</div><div role="option" data-key="ketch">Ketch</div></div>
      ${note}`,
    wire() {
      wireTabs(find('tabs'));
      wireListbox(find('rig'), { selected: cell<string | undefined>('ketch') });
      wireDialog(find('note'));
    },
  },
  /** From right to left: the next item is to the left. */
  mirrored: {
    markup: `
      ${tabs}
      <button type="button" commandfor="boat" command="--toggle">Boat</button>
      <div role="menu" id="boat" popover="manual" aria-label="Boat">
        <button type="button" role="menuitem" data-key="lift">Lift</button>
        <button type="button" role="menuitem" commandfor="move" command="--toggle">Move to</button>
      </div>
      <div role="menu" id="move" popover="manual" aria-label="Move to">
        <button type="button" role="menuitem" data-key="quay">Quay</button>
      </div>`,
    wire() {
      document.documentElement.dir = 'rtl';
      wireTabs(find('tabs'));
      wireMenu(find('boat'));
      wireMenu(find('move'));
    },
  },
};

const name = location.search.slice(1);
const job = jobs[name];
if (!job)
  throw new Error(`heard.html?${name}: there is no such job. They are ${Object.keys(jobs).join(', ')}.`);
document.body.innerHTML = job.markup;
job.wire();
