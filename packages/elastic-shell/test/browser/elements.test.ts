// The elements of sections: wired when their children are there, options as attributes, states as properties, events.
import { openBare, useBrowser } from './support/browser';

const { open } = useBrowser();

it('<shell-tabs>, <shell-accordion> and <shell-carousel> wire themselves or what they hold', async () => {
  const { page } = await openBare(
    open,
    `<shell-tabs selected="b" activation="manual"><div role="tablist" aria-label="T"><button role="tab" data-key="a">A</button><button role="tab" data-key="b">B</button></div><p role="tabpanel">a</p><p role="tabpanel">b</p></shell-tabs>
     <shell-accordion exclusive expanded="two"><h3><button data-key="one">One</button></h3><p hidden>1</p><h3><button data-key="two">Two</button></h3><p hidden>2</p></shell-accordion>
     <shell-carousel wrap="false"><section aria-label="C" id="c"><button commandfor="c" command="--next">N</button><div data-slides><p>1</p><p>2</p></div></section></shell-carousel>`,
  );
  const seen = await page.evaluate(() => {
    const heard: string[] = [];
    document.addEventListener('shell-change', ((event: CustomEvent<{ name: string; reason: string }>) => {
      heard.push(`${event.detail.name} ${event.detail.reason}`);
    }) as EventListener);
    type Shell = HTMLElement & { selected: string; expanded: Set<string> };
    const [tabs, accordion, carousel] = ['tabs', 'accordion', 'carousel'].map(
      (name) => document.querySelector(`shell-${name}`) as Shell,
    ) as [Shell, Shell, Shell];
    const first = [tabs.selected, [...accordion.expanded].join(), carousel.selected];
    tabs.selected = 'a';
    document.querySelector<HTMLElement>('[data-key=one]')!.click();
    document.querySelector<HTMLElement>('[commandfor=c]')!.click();
    const after = [tabs.selected, [...accordion.expanded].join(), carousel.selected];
    return { first, after, heard, disabled: document.querySelector('[commandfor=c]')!.ariaDisabled };
  });
  expect(seen).toEqual({
    first: ['b', 'two', '0'],
    after: ['a', 'one', '1'],
    heard: ['selected program', 'expanded key', 'selected command'],
    disabled: 'true',
  });
});

it('pick up what is streamed in, and let go when they leave', async () => {
  const { page } = await openBare(open, '<shell-tabs></shell-tabs>');
  const seen = await page.evaluate(async () => {
    const element = document.querySelector('shell-tabs') as HTMLElement & { selected?: string };
    const before = element.selected;
    element.innerHTML =
      '<div role="tablist" aria-label="T"><button role="tab" data-key="a">A</button></div><p role="tabpanel">a</p>';
    await new Promise((resolve) => setTimeout(resolve));
    const list = element.querySelector('[role=tablist]')!;
    list.insertAdjacentHTML('beforeend', '<button role="tab" data-key="b">B</button>');
    element.insertAdjacentHTML('beforeend', '<p role="tabpanel">b</p>');
    await new Promise((resolve) => setTimeout(resolve));
    const states = [before, element.selected, element.querySelector('[data-key=b]')!.ariaSelected];
    element.remove();
    await new Promise((resolve) => setTimeout(resolve));
    return [...states, element.querySelector('[data-key=b]')!.hasAttribute('aria-selected')];
  });
  expect(seen).toEqual([undefined, 'a', 'false', false]);
});
