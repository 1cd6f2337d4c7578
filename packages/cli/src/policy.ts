// The Content-Security-Policy of the demo.

/** Nothing but its own files, no inline style or script, no string made into markup. */
export const policy = "default-src 'self'; require-trusted-types-for 'script'";

/**
 * The policy of the page at `path`. Solid makes its templates of strings, which trusted types refuse. `nonce` is that of the
 * script with which a server's page begins.
 */
export function policyFor(path: string, nonce?: string): string {
  const own = path.includes('solid') ? "default-src 'self'" : policy;
  return nonce ? `${own}; script-src 'self' 'nonce-${nonce}'` : own;
}
