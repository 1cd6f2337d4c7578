// The contents in a drawer, for narrow pages. It loads only there.
import { wireDrawer } from 'elastic-shell/drawer';

/** Wires the drawer. It is filled from `contents` when it is first opened, and `wireParts` wires the copy. */
export function wireContentsDrawer(
  drawer: HTMLElement,
  contents: HTMLElement,
  wireParts: (within: ParentNode) => void,
): void {
  wireDrawer(drawer, {
    closedWhen: '(min-width: 60em)',
    size: 'narrow',
    content() {
      const copy = document.createElement('nav');
      copy.setAttribute('aria-label', 'Contents');
      copy.className = 'contents';
      for (const part of contents.children) {
        // As it is written on the page, because it is wired again here.
        const own = document.createElement('details');
        own.open = (part as HTMLDetailsElement).open;
        const summary = document.createElement('summary');
        summary.append(...[...part.querySelector('summary')!.childNodes].map((node) => node.cloneNode(true)));
        const list = part.querySelector('div')?.cloneNode(true);
        own.append(summary, ...(list ? [list] : []));
        copy.append(own);
      }
      wireParts(copy);
      return copy;
    },
  });
}
