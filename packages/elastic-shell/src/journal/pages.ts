// The location of the documents that explain each message.

/** Where they are installed, from the root of a project with `elastic-shell-cli`. */
const installed = 'node_modules/elastic-shell-cli/site/';

let base: string | undefined;

/**
 * Sets where the documents are served, such as `http://localhost:5173/` by `npx elastic-shell demo`. Messages
 * then end with an address there.
 *
 * @param address - The address, or undefined for the installed documents.
 */
export const setDocuments = (address: string | undefined): void => {
  base = address === undefined ? undefined : address.replace(/\/*$/, '/');
};

/** Returns the address of the page about a code. */
export const pageAbout = (code: string): string =>
  base === undefined ? `${installed}diagnostics/${code}/index.html` : `${base}diagnostics/${code}/`;

/** Returns whether the page about a code can be opened as a link. */
export const isServed = (): boolean => base !== undefined;
