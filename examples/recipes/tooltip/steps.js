// The steps of its test. `elastic-shell new --test` writes the rest.
expect(named('Haul out').getAttribute('aria-describedby')).toBe(find('[role=tooltip]').id);
