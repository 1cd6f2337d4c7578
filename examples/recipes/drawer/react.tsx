import { useDrawer } from 'elastic-shell/react';

const sections = ['Orders', 'Berths', 'Parts'];

/** Site navigation in a drawer, which closes when the window is wide enough for a permanent navigation. */
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
