// The contents of the site: nested lists of links in disclosures beside the page, and the same in a drawer if the page is narrow. They
// are not a tree: that role would hide that its rows are links.
import { wireDisclosure } from 'elastic-shell/disclosure';

/** Wires the disclosures in a list of contents. */
const wireParts = (within: ParentNode): void => {
  for (const part of within.querySelectorAll('details')) wireDisclosure(part);
};

/** Wires the contents, and their drawer as soon as the page is narrow. */
export function wireContents(): void {
  const contents = document.getElementById('site-contents');
  const drawer = document.getElementById('site-contents-drawer');
  if (!contents || !drawer) return;
  wireParts(contents);
  const wide = matchMedia('(min-width: 60em)');
  const bring = (): void => {
    if (wide.matches) return;
    wide.removeEventListener('change', bring);
    void import('./contents-drawer').then(({ wireContentsDrawer }) =>
      wireContentsDrawer(drawer, contents, wireParts),
    );
  };
  wide.addEventListener('change', bring);
  bring();
}
