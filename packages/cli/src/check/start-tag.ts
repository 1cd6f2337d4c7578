// Finds a start tag in a text again, when there is a finding about its element.

/** A start tag: its offset, and those of its attributes. */
export interface StartTag {
  start: number;
  /** The end of the tag's name. */
  nameEnd: number;
  attributes: ReadonlyMap<string, number>;
}

/** Returns the start tag of `tag` that ends at `end`, the offset of its `>`. */
export function startTag(text: string, tag: string, end: number): StartTag | undefined {
  for (let start = text.lastIndexOf('<', end); start >= 0; start = text.lastIndexOf('<', start - 1)) {
    const nameEnd = start + 1 + tag.length;
    const isNamed =
      text.slice(start + 1, nameEnd).toLowerCase() === tag && /[\s/>]/.test(text[nameEnd] ?? '>');
    if (isNamed) return { start, nameEnd, attributes: attributesIn(text, nameEnd, end) };
    if (start === 0) break;
  }
  return undefined;
}

/** Returns the offsets of attributes between two offsets in a text, by their names in lower case. */
function attributesIn(text: string, from: number, to: number): ReadonlyMap<string, number> {
  const found = new Map<string, number>();
  const each = /([^\s"'<>/=]+)(?:\s*=\s*(?:"[^"]*"|'[^']*'|[^\s"'>]+))?/g;
  for (const match of text.slice(from, to).matchAll(each)) {
    const name = match[1]?.toLowerCase() ?? '';
    if (!found.has(name)) found.set(name, from + match.index);
  }
  return found;
}
