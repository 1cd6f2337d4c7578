// The content security policy of the demo.

/** Allows only its own files, no inline style or script, and no string as markup. */
export const policy = "default-src 'self'; require-trusted-types-for 'script'";

/**
 * Returns the policy of the page at `path`. Solid creates its templates from strings, which trusted types
 * refuse. `nonce` is that of the script at the start of a server-rendered page.
 */
export function policyFor(path: string, nonce?: string): string {
  const own = path.includes('solid') ? "default-src 'self'" : policy;
  return nonce ? `${own}; script-src 'self' 'nonce-${nonce}'` : own;
}
