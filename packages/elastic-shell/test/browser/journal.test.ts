// The journal in a page: what changed, what was refused, what is wrong; and elements that come in pieces.
import { errorsSaid, openFresh, useBrowser } from './support/browser';

const { open } = useBrowser();
const codes = (severity: string) =>
  `shell.journal.entries.filter((entry) => entry.severity === '${severity}').map((entry) => entry.code)`;

describe('the journal', () => {
  it('enters what is wrong with the page by itself, once each, and what becomes wrong later', async () => {
    const { page } = await openFresh(
      open,
      '<button commandfor="nwe" command="--open">Open</button><div id="new"></div>',
    );
    await page.waitForFunction(() =>
      shell.journal.entries.some(({ code }) => code === 'invoker-target-missing'),
    );
    const [first] = await page.evaluate(() =>
      shell.journal.entries.map(({ remedy, element }) => [remedy, element?.localName]),
    );
    expect(first).toEqual(['Did you mean "new"?', 'button']);
    await page.evaluate(() => document.body.append(document.createElement('button')));
    await page.waitForFunction(() =>
      shell.journal.entries.some(({ code }) => code === 'control-name-missing'),
    );
    expect(await page.evaluate(codes('error'))).toEqual(['invoker-target-missing', 'control-name-missing']);
  });

  it('enters every change with its reason, and every refusal', async () => {
    const { page } = await openFresh(
      open,
      '<button commandfor="p" command="--toggle">More</button><div id="p" hidden>Text</div>',
    );
    const entries = await page.evaluate(async () => {
      let refuse = false;
      let hold: (() => void) | undefined;
      const guard = (): unknown => (hold ? new Promise<void>((resolve) => (hold = resolve)) : !refuse);
      const wired = shell.wireDisclosure(document.getElementById('p')!, { guard });
      const button = document.querySelector('button')!;
      button.click();
      refuse = true;
      button.click();
      hold = () => undefined;
      button.click();
      wired.open.set(false);
      return shell.journal.entries.map(({ code, sentence }) => `${code}: ${sentence}`);
    });
    expect(entries).toEqual([
      'change: <div id="p">: open became true, reason command.',
      'refused: <div id="p">: a guard refused open = false, reason command.',
      'busy: <div id="p">: open = false, reason program, was ignored because a guard is pending.',
    ]);
  });

  it('enters wishes that come to nothing, with what to do', async () => {
    const { page } = await openFresh(
      open,
      '<button id="a" commandfor="p" command="--togle">A</button><button id="b" commandfor="p" command="--toggle" aria-disabled="true">B</button><div id="p">Text</div>',
    );
    const entries = await page.evaluate(() => {
      shell.wireDisclosure(document.getElementById('p')!);
      for (const id of ['a', 'b']) document.getElementById(id)!.click();
      return shell.journal.entries.map(({ code, remedy }) => [code, remedy]);
    });
    expect(entries).toEqual([
      ['command-unheard', 'Did you mean "--toggle"?'],
      ['control-disabled', 'Explain beside it why it isn’t available.'],
    ]);
  });

  it('counts what comes again, and ends each message with the page about it', async () => {
    const { page } = await openFresh(
      open,
      '<button id="a" commandfor="p" command="--togle">A</button><div id="p">Text</div>',
    );
    const said = page.waitForEvent('console', (message) => message.text().includes('command-unheard'));
    const [first, count, console] = await page.evaluate(() => {
      shell.wireDisclosure(document.getElementById('p')!);
      const warn = window.console.warn;
      let times = 0;
      window.console.warn = (...args) => {
        if (String(args[0]).includes('command-unheard')) times++;
        warn(...args);
      };
      for (let at = 0; at < 3; at++) document.getElementById('a')!.click();
      const entry = shell.journal.entries.find(({ code }) => code === 'command-unheard')!;
      return [entry.page, entry.count, times];
    });
    expect([first, count, console]).toEqual([
      'node_modules/elastic-shell-cli/site/diagnostics/command-unheard/index.html',
      3,
      1,
    ]);
    expect((await said).text()).toMatch(
      /Did you mean "--toggle"\? node_modules\/elastic-shell-cli\/site\/diagnostics\//,
    );
    await page.evaluate(async () => {
      const { setDocuments } = await shell.inspect();
      setDocuments('http://localhost:5173');
      document.body.append(document.createElement('button'));
    });
    await page.waitForFunction(() =>
      shell.journal.entries.some(({ code }) => code === 'control-name-missing'),
    );
    expect(
      await page.evaluate(
        () => shell.journal.entries.find(({ code }) => code === 'control-name-missing')!.page,
      ),
    ).toBe('http://localhost:5173/diagnostics/control-name-missing/');
  });

  it('says nothing of what the page itself refutes', async () => {
    const { page } = await openFresh(open, '');
    const entered = await page.evaluate(() => {
      document.body.innerHTML =
        '<main><button id="b" commandfor="p" command="--toggle">B</button></main><div id="p">Text</div><dialog id="d"><h2>Done</h2><footer><button>Done</button></footer></dialog><div id="o" popover="manual">Beside</div><p id="beside">Here</p>';
      shell.wireDialog(document.getElementById('d')!);
      shell.wirePopover(document.getElementById('o')!, { anchor: document.getElementById('beside')! });
      let answer = (): void => undefined;
      shell.wireDisclosure(document.getElementById('p')!, {
        guard: () => new Promise<void>((resolve) => (answer = resolve)),
      });
      // The second press comes while the first is being decided: the library itself has disabled the button.
      for (let at = 0; at < 2; at++) document.getElementById('b')!.click();
      shell.journal.check();
      answer();
      return shell.journal.entries.filter(({ severity }) => severity !== 'note').map(({ code }) => code);
    });
    expect(entered).toEqual([]);
  });

  it('suggests the nearest right word, and never the id of the button itself', async () => {
    const { page } = await openFresh(
      open,
      '<button id="open-menus" commandfor="open-menu" command="--open">Open</button><div id="p">Text</div>',
    );
    const [remedy, ...messages] = await page.evaluate(() => {
      const message = (options: object): string => {
        try {
          shell.wireDisclosure(document.getElementById('p')!, options);
        } catch (error) {
          return (error as Error).message;
        }
        return '';
      };
      const finding = shell.journal.check().find(({ code }) => code === 'invoker-target-missing')!;
      return [
        finding.remedy,
        message({ isOpen: true }),
        message({ onOpenChange: () => 0 }),
        message({ gaurd: () => 0 }),
        message({ defaultOpen: true }),
      ];
    });
    expect(remedy).toBe('Give the element the id "open-menu", or name another id.');
    expect(messages.map((each) => /did you mean "(.*)"\?/.exec(each)?.[1])).toEqual([
      'open',
      'onChange',
      'guard',
      'open',
    ]);
  });

  it('tells its listeners until they are released', async () => {
    const { page } = await openFresh(open, '<div id="p">Text</div>');
    const heard = await page.evaluate(() => {
      const codes: string[] = [];
      const wired = shell.wireDisclosure(document.getElementById('p')!);
      const release = shell.journal.subscribe(({ code }) => codes.push(code));
      wired.open.set(false);
      release();
      wired.open.set(true);
      return codes;
    });
    expect(heard).toEqual(['change']);
  });
});

describe('an element', () => {
  it('wires what comes later, keeps its state when moved, and unwires when it goes', async () => {
    const { page } = await openFresh(open, '<shell-disclosure></shell-disclosure><section></section>');
    const seen = await page.evaluate(async () => {
      const element = document.querySelector('shell-disclosure') as HTMLElement & {
        open: boolean;
        wired: unknown;
      };
      const turn = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));
      const states: unknown[] = [!!element.wired];
      element.innerHTML =
        '<button commandfor="p" command="--toggle">More</button><div id="p" hidden>Text</div>';
      await turn();
      states.push(!!element.wired);
      element.querySelector('button')!.click();
      states.push(element.open);
      document.querySelector('section')!.append(element);
      await turn();
      states.push(element.open);
      element.removeAttribute('open');
      element.toggleAttribute('open', true);
      element.open = false;
      states.push(element.open, element.querySelector('div')!.hidden);
      const markup = element.innerHTML;
      element.remove();
      await turn();
      return [...states, !!element.wired, markup === element.innerHTML];
    });
    expect(seen).toEqual([false, true, true, true, false, 'until-found', false, false]);
  });

  it('lets a listener make a change wait, or refuse it', async () => {
    const { page } = await openFresh(
      open,
      '<shell-disclosure><button commandfor="p" command="--toggle">More</button><div id="p" hidden>Text</div></shell-disclosure>',
    );
    const seen = await page.evaluate(async () => {
      const element = document.querySelector('shell-disclosure') as HTMLElement & { open: boolean };
      const answers = [Promise.resolve(false), Promise.resolve(true)];
      document.body.addEventListener('shell-guard', (event) =>
        (event as CustomEvent).detail.wait(answers.shift()),
      );
      const states: boolean[] = [];
      for (let turn = 0; turn < 2; turn++) {
        element.querySelector('button')!.click();
        states.push(element.querySelector('#p')!.hasAttribute('aria-busy'));
        await new Promise((resolve) => setTimeout(resolve));
        states.push(element.open);
      }
      return states;
    });
    expect(seen).toEqual([true, false, true, true]);
  });

  it('tells a bad option at once', async () => {
    const opened = await openFresh(open, '');
    await opened.page.evaluate(() => {
      document.body.innerHTML =
        '<shell-dialog outside="shut"><dialog><h2>T</h2><form method="dialog"><button>OK</button></form></dialog></shell-dialog>';
    });
    expect(await errorsSaid(opened)).toContain(
      'dialog option outside must be close or absorb or keep, got shut',
    );
  });
});
