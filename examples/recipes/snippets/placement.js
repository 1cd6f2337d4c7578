// What docs/guides/placement.md shows.
import { wirePopover } from 'elastic-shell/popover';

wirePopover(document.getElementById('berth-four'), {
  area: 'block-end span-inline-end', // below, starting at the anchor’s start edge
  gap: 12, // pixels between anchor and popover
});
