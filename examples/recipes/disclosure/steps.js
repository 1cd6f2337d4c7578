// The steps of its test. `elastic-shell new --test` writes the rest.
const opener = named('Where the ladder is');
expect(opener.getAttribute('aria-expanded')).toBe('false');
opener.click();
await until(() => opener.getAttribute('aria-expanded') === 'true');
