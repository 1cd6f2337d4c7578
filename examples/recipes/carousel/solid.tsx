import { createCarousel } from 'elastic-shell/solid';
import { For } from 'solid-js';

const plates = [
  { key: 'bow', text: 'The bow: sound, but for the stem band.' },
  { key: 'keel', text: 'The keel: two bolts weep.' },
  { key: 'stern', text: 'The stern: the rudder is new.' },
];

/** Slides side by side. Slides out of view are inert. Swiping scrolls, and the buttons follow. */
export function SurveyPlates() {
  const carousel = createCarousel();
  return (
    <section {...carousel.root} aria-label="Survey plates">
      <p>
        <button {...carousel.previousButton}>Previous plate</button>{' '}
        <button {...carousel.nextButton}>Next plate</button>
      </p>
      <div {...carousel.slides}>
        <For each={plates}>
          {({ key, text }) => (
            <div {...carousel.slide(key)}>
              <p>{text}</p>
            </div>
          )}
        </For>
      </div>
    </section>
  );
}
