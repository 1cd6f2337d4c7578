// Where the documents stand that explain each message.

/** Where they are installed, from the root of a project that has `elastic-shell-cli`. */
const installed = 'node_modules/elastic-shell-cli/site/';

let base: string | undefined;

/**
 * Says where the documents are served, such as `http://localhost:5173/` by `npx elastic-shell demo`: messages end with an
 * address there. Undefined: where they are installed.
 */
export const setDocuments = (address: string | undefined): void => {
  base = address === undefined ? undefined : address.replace(/\/*$/, '/');
};

/** The address of the page about a code. */
export const pageAbout = (code: string): string =>
  base === undefined ? `${installed}diagnostics/${code}/index.html` : `${base}diagnostics/${code}/`;

/** Whether the page about a code can be followed as a link. */
export const isServed = (): boolean => base !== undefined;
