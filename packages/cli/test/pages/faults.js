/* global document, location */
// Widgets made by hand as people make them. Each is right but for the one fault that its name says; those named "right" have none.
// What is found at each is listed in rehearse.test.ts.

const main = document.querySelector('main');
let count = 0;

/** Puts markup on the page; answers its elements by their data-part. */
function put(markup) {
  const section = document.createElement('section');
  section.innerHTML = markup.replaceAll('ID', `w${++count}`);
  main.append(section);
  return Object.fromEntries(
    [...section.querySelectorAll('[data-part]')].map((each) => [each.dataset.part, each]),
  );
}

const stops = (root) => [...root.querySelectorAll('button,a[href],input')];

function dialog(fault) {
  const { opener, root, close } = put(
    `<button data-part="opener" aria-controls="ID" aria-expanded="false">dialog: ${fault}</button>
     <div data-part="root" id="ID" role="dialog" aria-modal="true" ${fault === 'no name' ? '' : 'aria-label="Tides"'} hidden>
     <button data-part="close">Close</button><a href="#x">More</a></div>`,
  );
  const show = (isOpen) => {
    root.hidden = !isOpen;
    opener.setAttribute('aria-expanded', isOpen);
    if (isOpen && fault !== 'focus stays outside') close.focus();
    if (!isOpen && fault !== 'focus is lost') opener.focus();
    if (!isOpen && fault === 'focus is lost') document.activeElement.blur();
  };
  opener.addEventListener('click', () => show(true));
  close.addEventListener('click', () => show(false));
  document.addEventListener('keydown', (event) => {
    if (root.hidden) return;
    if (event.key === 'Escape' && fault !== 'no Escape') show(false);
    if (event.key !== 'Tab' || fault === 'Tab leaves') return;
    const all = stops(root);
    const end = event.shiftKey ? all[0] : all.at(-1);
    if (document.activeElement !== end && root.contains(document.activeElement)) return;
    event.preventDefault();
    (event.shiftKey ? all.at(-1) : all[0]).focus();
  });
}

function menu(fault) {
  const { opener, root } = put(
    `<button data-part="opener" aria-haspopup="menu" aria-controls="ID" aria-expanded="false">menu: ${fault}</button>
     <div data-part="root" id="ID" role="menu" hidden>${['Lift', 'Move', 'Strike'].map((each) => `<button role="menuitem" tabindex="-1">${each}</button>`).join('')}</div>`,
  );
  const items = stops(root);
  const show = (isOpen, at = 0) => {
    root.hidden = !isOpen;
    opener.setAttribute('aria-expanded', isOpen);
    if (isOpen) items.at(at).focus();
    else if (fault !== 'focus is lost') opener.focus();
  };
  opener.addEventListener('click', () => show(root.hidden));
  opener.addEventListener('keydown', (event) => {
    if (!/^Arrow(Up|Down)$/.test(event.key)) return;
    event.preventDefault();
    show(true, event.key === 'ArrowUp' ? -1 : 0);
  });
  document.addEventListener('pointerdown', ({ target }) => {
    if (!root.hidden && !root.contains(target) && target !== opener && fault !== 'stays open') show(false);
  });
  root.addEventListener('keydown', (event) => {
    const at = items.indexOf(document.activeElement);
    const go = (place) => {
      event.preventDefault();
      items.at(place)?.focus();
    };
    const last = items.length - 1;
    if (event.key === 'ArrowDown') go(at === last ? (fault === 'does not wrap' ? last : 0) : at + 1);
    if (event.key === 'ArrowUp') go(at === 0 && fault === 'does not wrap' ? 0 : at - 1);
    if (event.key === 'Home') go(0);
    if (event.key === 'End') go(-1);
    if (event.key === 'Escape') show(false);
    if (event.key === 'Tab' && fault !== 'Tab leaves it open') show(false);
    if (/^[a-z]$/.test(event.key) && fault !== 'no letters') {
      const found = items.findIndex(
        (item, place) => place > at && item.textContent.toLowerCase().startsWith(event.key),
      );
      if (found >= 0) go(found);
    }
  });
}

function disclosure(fault) {
  const isPlain = fault === 'Enter alone';
  const tag = isPlain ? 'div role="button" tabindex="0"' : 'button';
  const { opener, panel } = put(
    `<${tag} data-part="opener" aria-expanded="false" aria-controls="ID">disclosure: ${fault}</${isPlain ? 'div' : 'button'}><p data-part="panel" id="ID" hidden>Words</p>`,
  );
  const toggle = () => {
    panel.hidden = !panel.hidden;
    if (fault !== 'lies') opener.setAttribute('aria-expanded', !panel.hidden);
  };
  opener.addEventListener('click', toggle);
  if (isPlain) opener.addEventListener('keydown', ({ key }) => key === 'Enter' && toggle());
}

function tabs(fault) {
  const names = ['Hull', 'Rig', 'Engine'];
  const { list } = put(
    `<div data-part="list" role="tablist" aria-label="tabs: ${fault}">${names.map((name, at) => `<button role="tab" id="ID-t${at}" aria-controls="ID-p${at}">${name}</button>`).join('')}</div>
     ${names.map((name, at) => `<div role="tabpanel" id="ID-p${at}" aria-labelledby="ID-t${at}">${name}</div>`).join('')}`,
  );
  const all = stops(list);
  const panels = [...list.parentElement.querySelectorAll('[role=tabpanel]')];
  const select = (at, isAsked = true) => {
    all.forEach((tab, place) => {
      tab.setAttribute('aria-selected', place === at);
      tab.tabIndex = place === at || fault === 'each is a stop' ? 0 : -1;
    });
    panels.forEach((panel, place) => (panel.hidden = place !== (fault === 'one panel' ? 0 : at)));
    if (isAsked) all[at].focus();
  };
  select(0, false);
  list.addEventListener('click', ({ target }) => select(all.indexOf(target)));
  list.addEventListener('keydown', ({ key }) => {
    const at = all.indexOf(document.activeElement);
    if (fault === 'no arrows') return;
    if (key === 'ArrowRight') select((at + 1) % 3);
    if (key === 'ArrowLeft') select((at + 2) % 3);
    if (key === 'Home') select(0);
    if (key === 'End') select(2);
  });
}

function combobox(fault) {
  const { field, list } = put(
    `<label>combobox: ${fault} <input data-part="field" role="combobox" aria-expanded="false" aria-controls="ID"></label>
     <div class="popup" data-part="list" id="ID" role="listbox" aria-label="Rig" hidden>${['Cutter', 'Ketch', 'Sloop'].map((each, at) => `<div role="option" id="ID-${at}">${each}</div>`).join('')}</div>`,
  );
  const options = [...list.children];
  let at = -1;
  const show = (isOpen) => {
    list.hidden = !isOpen;
    field.setAttribute('aria-expanded', fault === 'says it is closed' ? false : isOpen);
    if (!isOpen) {
      at = -1;
      field.removeAttribute('aria-activedescendant');
    }
  };
  const mark = (place) => {
    at = place;
    if (fault !== 'says no active option') field.setAttribute('aria-activedescendant', options[at].id);
  };
  field.addEventListener('keydown', (event) => {
    if (event.key === 'ArrowDown') {
      event.preventDefault();
      if (list.hidden) show(true);
      mark((at + 1) % options.length);
    } else if (event.key === 'Escape' && fault !== 'no Escape') show(false);
    else if (event.key === 'Enter' && at >= 0) {
      field.value = options[at].textContent;
      show(false);
    }
  });
  field.addEventListener('input', () => show(true));
  field.addEventListener('blur', () => show(false));
}

function toggle(fault) {
  const { root } = put(
    `<button data-part="root" role="switch" aria-checked="false" aria-label="switch: ${fault}">Off</button>`,
  );
  root.addEventListener('click', () => {
    root.textContent = root.textContent === 'On' ? 'Off' : 'On';
    if (fault !== 'lies') root.setAttribute('aria-checked', root.textContent === 'On');
  });
}

function tooltip(fault) {
  const { opener, tip } = put(
    `<button data-part="opener" aria-describedby="ID">tooltip: ${fault}</button><span data-part="tip" role="tooltip" id="ID" hidden>Dries at springs</span>`,
  );
  const show = (isShown) => () => (tip.hidden = !isShown);
  opener.addEventListener('pointerenter', show(true));
  opener.addEventListener('pointerleave', show(false));
  if (fault !== 'hover alone') opener.addEventListener('focus', show(true));
  opener.addEventListener('blur', show(false));
  opener.addEventListener('keydown', ({ key }) => {
    if (key === 'Escape' && fault !== 'no Escape') tip.hidden = true;
  });
}

function tree(fault) {
  const { root, group, branch, leaf, last } = put(
    `<div data-part="root" role="tree" aria-label="tree: ${fault}"><div data-part="branch" role="treeitem" aria-expanded="false" tabindex="0">Shed
     <div data-part="group" role="group" hidden><div data-part="leaf" role="treeitem" tabindex="-1">Oak</div></div></div>
     <div data-part="last" role="treeitem" tabindex="-1">Quay</div></div>`,
  );
  const show = (isOpen) => {
    group.hidden = !isOpen;
    branch.setAttribute('aria-expanded', isOpen);
  };
  const go = (row) => {
    for (const each of [branch, leaf, last]) each.tabIndex = each === row ? 0 : -1;
    row.focus();
  };
  root.addEventListener('keydown', (event) => {
    const at = document.activeElement;
    const rows = group.hidden ? [branch, last] : [branch, leaf, last];
    const place = rows.indexOf(at);
    const key = event.key;
    if (/^(Arrow|Home|End)/.test(key)) event.preventDefault();
    if (key === 'ArrowDown' && rows[place + 1]) go(rows[place + 1]);
    if (key === 'ArrowUp' && rows[place - 1]) go(rows[place - 1]);
    if (key === 'Home') go(branch);
    if (key === 'End' && fault !== 'no End') go(last);
    if (key === 'ArrowRight' && at === branch) (group.hidden ? show : go)(group.hidden ? true : leaf);
    if (key === 'ArrowLeft' && at === leaf) go(branch);
    else if (key === 'ArrowLeft' && at === branch && fault !== 'does not close') show(false);
    if (key === 'q') go(last);
  });
}

const all = {
  dialog: [dialog, ['right', 'no name', 'no Escape', 'focus stays outside', 'focus is lost', 'Tab leaves']],
  menu: [menu, ['right', 'does not wrap', 'no letters', 'focus is lost', 'Tab leaves it open', 'stays open']],
  disclosure: [disclosure, ['right', 'lies', 'Enter alone']],
  tabs: [tabs, ['right', 'no arrows', 'each is a stop', 'one panel']],
  combobox: [combobox, ['right', 'no Escape', 'says it is closed', 'says no active option']],
  switch: [toggle, ['right', 'lies']],
  tooltip: [tooltip, ['right', 'hover alone', 'no Escape']],
  tree: [tree, ['right', 'no End', 'does not close']],
};
const only = new URLSearchParams(location.search).get('only');
for (const [name, [make, faults]] of Object.entries(all))
  if (!only || only === name) faults.forEach((fault) => make(fault));
