import { useDrawer } from 'elastic-shell/react';
import './site-header.css';

const places = ['Orders', 'Berths', 'Parts'];

/** A header with links in a row or, on a small screen, in a drawer. */
export function SiteHeader() {
  const drawer = useDrawer({ closedWhen: '(min-width: 48em)', size: 'narrow' });
  const links = places.map((name) => (
    // A link within the page closes the drawer.
    <a key={name} href={`#${name.toLowerCase()}`} onClick={() => drawer.close()}>
      {name}
    </a>
  ));
  return (
    <header className="site-header">
      <strong>Quillhaven</strong>
      <button {...drawer.opener()}>Menu</button>
      <nav aria-label="Yard" className="site-links">
        {links}
      </nav>
      <dialog {...drawer.root}>
        <header>
          <h2>Yard</h2>
          <button {...drawer.closer()} aria-label="Close">
            ×
          </button>
        </header>
        <nav aria-label="Yard" className="drawer-links">
          {links}
        </nav>
      </dialog>
    </header>
  );
}
