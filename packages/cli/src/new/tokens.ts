// The tokens of a script that a style changes: strings outside markup, and semicolons.
import { parse } from '@babel/parser';

/** A token, by its position in the text. */
export interface Token {
  start: number;
  end: number;
  kind: 'string' | 'semicolon';
}

/** The fields of Babel's token that are read. */
interface Raw {
  start: number;
  end: number;
  type: { label?: string } | string;
}

/** Returns the tokens of a script, in order. */
export function tokenizer(script: string): Token[] {
  const { tokens } = parse(script, {
    sourceType: 'module',
    errorRecovery: true,
    tokens: true,
    plugins: ['typescript', 'jsx', 'decorators'],
  });
  const raw: readonly Raw[] = tokens ?? [];
  return raw.flatMap(({ start, end, type }): Token[] => {
    const label = typeof type === 'string' ? '' : type.label;
    // Attributes in markup keep their quotes.
    if (label === 'string' && script[start] === "'" && !/[\w-]=$/.test(script.slice(0, start)))
      return [{ start, end, kind: 'string' }];
    return label === ';' ? [{ start, end, kind: 'semicolon' }] : [];
  });
}
