// The contents of the site: nested lists of links in disclosures beside the page, and the same in a drawer where there is no room.
// No tree: the role would take away what the links are.
import { wireDisclosure } from 'elastic-shell/disclosure';
import { wireDrawer } from 'elastic-shell/drawer';

const wireAll = (within: ParentNode): void => {
  for (const part of within.querySelectorAll('details')) wireDisclosure(part, { elastic: 'block' });
};

/** Wires the contents and their drawer, which is filled when it is first opened. */
export function wireContents(): void {
  const contents = document.getElementById('site-contents');
  const drawer = document.getElementById('site-contents-drawer');
  if (!contents || !drawer) return;
  wireAll(contents);
  wireDrawer(drawer, {
    closedWhen: '(min-width: 60em)',
    size: 'narrow',
    content() {
      const copy = document.createElement('nav');
      copy.setAttribute('aria-label', 'Contents');
      copy.className = 'contents';
      for (const part of contents.children) {
        // As the author wrote it: what is wired there is wired here again.
        const own = document.createElement('details');
        own.open = (part as HTMLDetailsElement).open;
        const summary = document.createElement('summary');
        summary.textContent = part.querySelector('summary')?.textContent ?? '';
        const list = part.querySelector('ul')?.cloneNode(true);
        own.append(summary, ...(list ? [list] : []));
        copy.append(own);
      }
      wireAll(copy);
      return copy;
    },
  });
}
