// Options of a closed vocabulary: an unknown value is the programmer's mistake, told at once.

/** Throws a TypeError when an option that `choices` lists has another value. */
export function checkChoices(
  pattern: string,
  options: object,
  choices: Record<string, readonly string[]>,
): void {
  for (const [name, value] of Object.entries(options)) {
    const known = choices[name];
    if (known && value !== undefined && !known.includes(value as string))
      throw new TypeError(
        `elastic-shell: ${pattern} option ${name} must be ${known.join(' or ')}, got ${value}`,
      );
  }
}
