// What its test does; `elastic-shell new --test` writes the rest around it.
find('[role=switch]').click();
await until(() => document.querySelector('output')?.textContent === 'on');
expect(document.querySelector('[role=switch]')?.getAttribute('aria-checked')).toBe('true');
