// The wire functions for the gallery, which record what they wire and can unwire all of it.
import * as library from 'elastic-shell';

const all: library.Wired[] = [];

const kept = <F extends (root: HTMLElement, options?: never) => library.Wired>(wire: F): F =>
  ((root: HTMLElement, options?: never) => {
    const wired = wire(root, options);
    all.push(wired);
    return wired;
  }) as F;

export const wireAccordion = kept(library.wireAccordion);
export const wireCarousel = kept(library.wireCarousel);
export const wireCombobox = kept(library.wireCombobox);
export const wireDialog = kept(library.wireDialog);
export const wireDisclosure = kept(library.wireDisclosure);
export const wireDrawer = kept(library.wireDrawer);
export const wireListbox = kept(library.wireListbox);
export const wireMenu = kept(library.wireMenu);
export const wireMenubar = kept(library.wireMenubar);
export const wirePopover = kept(library.wirePopover);
export const wireSwitch = kept(library.wireSwitch);
export const wireTabs = kept(library.wireTabs);
export const wireToolbar = kept(library.wireToolbar);
export const wireTooltip = kept(library.wireTooltip);
export const wireTree = kept(library.wireTree);

/** Leaves the page as plain markup. */
export const unwireAll = (): void => {
  for (const wired of all.splice(0).reverse()) wired.unwire();
};
