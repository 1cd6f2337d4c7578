// Values that go to a page and come back, as JSON. `undefined`, which JSON lacks, is replaced by a special
// text. Both functions also run in the page as text, so they refer to nothing outside themselves.

/** Converts a value to JSON. */
export function pack(value: unknown): string {
  const lost = '\u0000undefined';
  return (
    JSON.stringify(value, (_, each: unknown) => (each === undefined ? lost : each)) ?? JSON.stringify(lost)
  );
}

/** Restores the value from `pack`. */
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
