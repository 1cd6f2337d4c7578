import { createDrawer } from 'elastic-shell/solid';
import { For } from 'solid-js';
import './site-header.css';

const places = ['Orders', 'Berths', 'Parts'];

/** A header with links in a row or, on a small screen, in a drawer. */
export function SiteHeader() {
  const drawer = createDrawer({ closedWhen: '(min-width: 48em)', size: 'narrow' });
  const Links = () => (
    <For each={places}>
      {(name) => (
        // A link within the page closes the drawer.
        <a href={`#${name.toLowerCase()}`} onClick={() => drawer.close()}>
          {name}
        </a>
      )}
    </For>
  );
  return (
    <header class="site-header">
      <strong>Quillhaven</strong>
      <button {...drawer.opener()}>Menu</button>
      <nav aria-label="Yard" class="site-links">
        <Links />
      </nav>
      <dialog {...drawer.root}>
        <header>
          <h2>Yard</h2>
          <button {...drawer.closer()} aria-label="Close">
            ×
          </button>
        </header>
        <nav aria-label="Yard" class="drawer-links">
          <Links />
        </nav>
      </dialog>
    </header>
  );
}
