// What a script has to hold to be worth parsing. On its own, so that the parser is loaded only for those.

/** A template literal that is marked as HTML, or a component of Angular's. */
export const worth = /html`|\/\*\s*html\s*\*\/\s*`|@Component\s*\(/;
