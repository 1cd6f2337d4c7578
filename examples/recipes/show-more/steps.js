// The steps of its test. `elastic-shell new --test` writes the rest.
const opener = find('[aria-expanded]');
opener.click();
// The text follows when the framework renders again.
await until(() => opener.textContent?.includes('Show less') === true);
expect(opener.getAttribute('aria-expanded')).toBe('true');
