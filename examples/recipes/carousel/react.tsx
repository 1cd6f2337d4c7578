import { useCarousel } from 'elastic-shell/react';

const plates = [
  { key: 'bow', text: 'The bow: sound, but for the stem band.' },
  { key: 'keel', text: 'The keel: two bolts weep.' },
  { key: 'stern', text: 'The stern: the rudder is new.' },
];

/** Slides side by side. Slides out of view are inert. Swiping scrolls, and the buttons follow. */
export function SurveyPlates() {
  const carousel = useCarousel();
  return (
    <section {...carousel.root} aria-label="Survey plates">
      <p>
        <button {...carousel.previousButton}>Previous plate</button>{' '}
        <button {...carousel.nextButton}>Next plate</button>
      </p>
      <div {...carousel.slides}>
        {plates.map(({ key, text }) => (
          <div key={key} {...carousel.slide(key)}>
            <p>{text}</p>
          </div>
        ))}
      </div>
    </section>
  );
}
