// Escapes text for HTML.
const signs = { '&': '&amp;', '"': '&quot;', '<': '&lt;', '>': '&gt;' };

export const escape = (text) => String(text).replace(/[&"<>]/g, (sign) => signs[sign]);
