// The steps of its test. `elastic-shell new --test` writes the rest.
expect(named('Before the haul').getAttribute('aria-expanded')).toBe('true');
named('On the slip').click();
await until(() => named('On the slip').getAttribute('aria-expanded') === 'true');
