// What a script must contain to be worth parsing. In a module of its own, so that the parser is loaded only
// for those.

/** A template literal that is marked as HTML, or an Angular component. */
export const worth = /html`|\/\*\s*html\s*\*\/\s*`|@Component\s*\(/;
