// What its test does; `elastic-shell new --test` writes the rest around it.
expect(named('Haul out').getAttribute('aria-describedby')).toBe(find('[role=tooltip]').id);
