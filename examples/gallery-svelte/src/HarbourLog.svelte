<p>Two boats in, one out, and a seal.</p>
