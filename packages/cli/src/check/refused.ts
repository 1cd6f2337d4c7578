// Files that are not read, and why.

/** A file that cannot be read, in a sentence without its name. */
export class Refused extends Error {}
