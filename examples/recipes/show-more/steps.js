// What its test does; `elastic-shell new --test` writes the rest around it.
const opener = find('[aria-expanded]');
opener.click();
// The words follow when the framework draws again.
await until(() => opener.textContent?.includes('Show less') === true);
expect(opener.getAttribute('aria-expanded')).toBe('true');
