// What goes to a page and comes back, as JSON: `undefined`, which JSON does not have, goes as a word of ours.

/** `undefined` has no JSON: it goes as a word of ours and comes back as it was. */
export const lost = '\u0000undefined';
export const pack = (value: unknown): string =>
  JSON.stringify(value, (_, each: unknown) => (each === undefined ? lost : each)) ?? `"${lost}"`;
export const unpack = (json: string): unknown => {
  const restore = (value: unknown): unknown => {
    if (value === lost) return undefined;
    if (Array.isArray(value)) return value.map(restore);
    if (value && typeof value === 'object')
      return Object.fromEntries(Object.entries(value).map(([name, each]) => [name, restore(each)]));
    return value;
  };
  return restore(JSON.parse(json));
};
