// The steps of its test. `elastic-shell new --test` writes the rest.
find('[role=switch]').click();
await until(() => document.querySelector('output')?.textContent === 'on');
expect(document.querySelector('[role=switch]')?.getAttribute('aria-checked')).toBe('true');
