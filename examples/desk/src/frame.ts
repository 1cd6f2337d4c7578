// The frame of every page of the desk, as HTML text, created during the build: the bar at the top and the
// sections.

const pages = [
  ['desk.html', 'Orders'],
  ['boat.html', 'Boats'],
  ['parts.html', 'Parts'],
  ['gallery.html', 'Gallery'],
  ['own.html', 'Own'],
] as const;

/** The links to all pages. `current` is the file of this one. */
export const links = (current: string): string =>
  pages
    .map(([file, name]) => `<a href="./${file}"${file === current ? ' aria-current="page"' : ''}>${name}</a>`)
    .join('');

export const topbar = (current: string): string => `
    <header class="topbar">
      <img class="mark" src="/mark.svg" alt="" width="28" height="28" />
      <p class="brand">Quillhaven <span>yard desk</span></p>
      <button type="button" id="menu" commandfor="sections" command="show-modal">Sections</button>
      <nav aria-label="Desk">
        ${links(current)}
      </nav>
      <button type="button" id="office-opener" commandfor="office" command="--toggle">Office</button>
      <form class="server" id="office" aria-label="Office server" hidden>
        <label><input type="checkbox" id="dark" role="switch" autocomplete="off" /> Dark</label>
        <label
          ><button type="button" id="lights" role="switch" aria-checked="false"></button> Yard lights</label
        >
        <label><input type="checkbox" id="failing" autocomplete="off" /> Server fails</label>
        <button type="button" id="start-over" aria-describedby="start-over-tip">
          Start over
        </button>
        <div id="start-over-tip" popover="manual">Forgets what was done in this window</div>
      </form>
    </header>`;

export const sections = (current: string): string => `
    <dialog id="sections" class="sections">
      <header>
        <h2>Sections</h2>
        <button type="button" commandfor="sections" command="close" aria-label="Close">
          ×
        </button>
      </header>
      <nav aria-label="Sections">
        ${links(current)}
      </nav>
    </dialog>`;

/** The links to the gallery in other frameworks. */
export const settings = (): string =>
  ['Elements', 'React', 'Vue', 'Svelte', 'Solid', 'Angular']
    .map((name) => `<a href="./gallery/${name.toLowerCase()}.html">${name}</a>`)
    .join('');
