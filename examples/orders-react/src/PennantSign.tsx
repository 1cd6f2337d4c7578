// A pennant, drawn.
import { outlines, type Pennant } from 'quillhaven-gallery/office';

export const PennantSign = ({ pennant: { shape, field, mark } }: { pennant: Pennant }) => (
  <svg className="pennant" viewBox="0 0 24 16" aria-hidden="true">
    <path className={`paint-${field}`} d={outlines[shape]} />
    {mark !== field && <circle className={`paint-${mark}`} cx="7" cy="8" r="3" />}
  </svg>
);
