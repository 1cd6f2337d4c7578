// What its test does; `elastic-shell new --test` writes the rest around it.
const opener = find('[aria-expanded]');
opener.click();
await until(() => opener.getAttribute('aria-expanded') === 'true');
expect(opener.textContent).toContain('Show less');
