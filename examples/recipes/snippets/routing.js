// What docs/guides/routing.md shows.
export function moveFocusToPage() {
  const heading = document.querySelector('h1');
  if (!heading) return;
  heading.tabIndex = -1;
  heading.focus();
}
