// Words of somebody else's, on a terminal.

/** Words as a terminal may show them: what would drive it is shown as a mark. */
export const shown = (text: string): string => text.replaceAll(/(?![\t\n])\p{Cc}/gu, '\ufffd');
