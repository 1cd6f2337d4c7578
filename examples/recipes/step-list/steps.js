// The steps of its test. `elastic-shell new --test` writes the rest.
named('Haul').click();
await until(() => named('Haul').getAttribute('aria-expanded') === 'true');
expect(named('Clear the slip').getAttribute('aria-expanded')).toBe('true');
find('[role=switch]').click();
await until(() => document.querySelectorAll('h3 [aria-expanded=true]').length === 1);
