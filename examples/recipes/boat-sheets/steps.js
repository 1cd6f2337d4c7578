// The steps of its test. `elastic-shell new --test` writes the rest.
globalThis.fetch = async () => new Response('The bill of sale.');
named('Papers').click();
await until(() => document.body.textContent?.includes('The bill of sale.') === true);
expect(named('Papers').getAttribute('aria-selected')).toBe('true');
