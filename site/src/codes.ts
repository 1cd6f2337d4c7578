// Code: a tab for each framework, the same one on every page, and a button that copies.
import { cell } from 'elastic-shell';
import { wireTabs } from 'elastic-shell/tabs';

/** The last selected framework: one state for all tabs of a page, kept from page to page. */
const setting = cell<string | undefined>(localStorage.getItem('setting') ?? 'html');

const copied = document.createElement('output');
copied.className = 'told';

async function copy(button: HTMLButtonElement): Promise<void> {
  const text = button.closest('.code')?.querySelector('code')?.textContent ?? '';
  try {
    await navigator.clipboard.writeText(text);
    copied.textContent = 'Copied.';
  } catch {
    copied.textContent = 'The browser doesn’t allow copying. Select the code and copy it yourself.';
  }
}

/** Wires all code on the page. */
export function wireCodes(): void {
  document.body.append(copied);
  for (const codes of document.querySelectorAll<HTMLElement>('.codes')) {
    const keys = [...codes.querySelectorAll('[role=tab]')].map((tab) => tab.getAttribute('data-key'));
    // A recipe may not exist in the selected framework.
    const own = keys.includes(setting.get() ?? '') ? setting : cell<string | undefined>(keys[0] ?? undefined);
    wireTabs(codes, { selected: own });
    codes.classList.add('is-wired');
  }
  setting.subscribe((name) => name && localStorage.setItem('setting', name));
  for (const button of document.querySelectorAll<HTMLButtonElement>('button.copy')) {
    button.hidden = false;
    button.addEventListener('click', () => void copy(button));
  }
}
