// What its test does; `elastic-shell new --test` writes the rest around it.
const opener = named('Where the ladder is');
expect(opener.getAttribute('aria-expanded')).toBe('false');
opener.click();
await until(() => opener.getAttribute('aria-expanded') === 'true');
