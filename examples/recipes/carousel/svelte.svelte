<script lang="ts">
  // Slides side by side. Slides out of view are inert. Swiping scrolls, and the buttons follow.
  import { useCarousel } from 'elastic-shell/svelte';

  const plates = [
    { key: 'bow', text: 'The bow: sound, but for the stem band.' },
    { key: 'keel', text: 'The keel: two bolts weep.' },
    { key: 'stern', text: 'The stern: the rudder is new.' },
  ];
  const carousel = useCarousel();
</script>

<section {...carousel.root} aria-label="Survey plates">
  <p>
    <button {...carousel.previousButton}>Previous plate</button>
    <button {...carousel.nextButton}>Next plate</button>
  </p>
  <div {...carousel.slides}>
    {#each plates as { key, text } (key)}
      <div {...carousel.slide(key)}>
        <p>{text}</p>
      </div>
    {/each}
  </div>
</section>
