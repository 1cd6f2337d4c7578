import { useDrawer } from 'elastic-shell/react';

const sections = ['Orders', 'Berths', 'Parts'];

/** The sections of a site in a drawer, which closes by itself where the window is wide enough for them all. */
export function YardSections() {
  const drawer = useDrawer({ closedWhen: '(min-width: 90em)' });
  return (
    <>
      <button {...drawer.opener()}>Sections</button>
      <dialog {...drawer.root}>
        <header>
          <h2>Sections</h2>
          <button {...drawer.closer()} aria-label="Close">
            ×
          </button>
        </header>
        <nav aria-label="Sections">
          <ul>
            {sections.map((name) => (
              <li key={name}>
                <a href={`#${name.toLowerCase()}`}>{name}</a>
              </li>
            ))}
          </ul>
        </nav>
      </dialog>
    </>
  );
}
