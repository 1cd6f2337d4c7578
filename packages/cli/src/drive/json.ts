// What goes to a page and comes back, as JSON. `undefined`, which JSON does not have, goes as a word of ours and comes back as it
// was. Both functions go into the page as text too, so they refer to nothing outside themselves.

/** A value as JSON. */
export function pack(value: unknown): string {
  const lost = '\u0000undefined';
  return (
    JSON.stringify(value, (_, each: unknown) => (each === undefined ? lost : each)) ?? JSON.stringify(lost)
  );
}

/** The value that `pack` has made JSON of. */
export function unpack(json: string): unknown {
  const restore = (value: unknown): unknown => {
    if (value === '\u0000undefined') return undefined;
    if (Array.isArray(value)) return value.map(restore);
    if (value && typeof value === 'object')
      return Object.fromEntries(Object.entries(value).map(([name, each]) => [name, restore(each)]));
    return value;
  };
  return restore(JSON.parse(json));
}
