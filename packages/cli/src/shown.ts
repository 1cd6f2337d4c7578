// Foreign text on a terminal.

/** Returns a text that is safe for a terminal: control characters are replaced by visible marks. */
export const shown = (text: string): string => text.replaceAll(/(?![\t\n])\p{Cc}/gu, '\ufffd');
