// Keyboard shortcuts, dialogs, singling out a candidate, and the working panel's focus.
const typing = (element) => element instanceof HTMLElement
  && (element.matches('input:not([type=range]), select, textarea') || element.isContentEditable);

let single = null;
let opener = null;

function singleOut(letter) {
  single = single === letter ? null : letter;
  paint();
}

let dimmed = false;

function paint() {
  if (single === null && !dimmed) return;
  dimmed = single !== null;
  document.querySelector('#bench-results')?.classList.toggle('is-singled', single !== null);
  document.querySelectorAll('#bench-results [data-letter]').forEach((element) => {
    element.classList.toggle('is-dim', single !== null && element.dataset.letter !== single);
    element.classList.toggle('is-single', element.dataset.letter === single);
  });
}

function step(by) {
  const input = document.querySelector('[data-condition=temperature]');
  const value = input && Number(input.value.replace('\u2212', '-'));
  if (!input || !Number.isFinite(value)) return;
  input.value = String(value + by).replace('-', '\u2212');
  input.dispatchEvent(new Event('input', { bubbles: true }));
}

function openWorking() {
  const leader = document.querySelector('#bench-results')?.dataset.leader;
  const letter = single ?? leader;
  const figure = document.activeElement?.closest?.('a.figure')
    ?? document.querySelector(`td[data-letter="${letter}"] a.figure`);
  figure?.click();
}

function closeWorking() {
  const panel = document.querySelector('#working-panel');
  if (!panel || panel.hidden) return;
  panel.hidden = true;
  panel.replaceChildren();
  const href = opener;
  opener = null;
  const figures = [...document.querySelectorAll('a.figure')];
  figures.find((figure) => figure.getAttribute('href') === href)?.focus();
}

document.addEventListener('keydown', (event) => {
  if (event.key === 'Escape') { closeWorking(); return; }
  if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
  if (document.querySelector('dialog[open]')) return;
  if (/^[A-L0]$/.test(event.key) && document.querySelector('#bench-results')) singleOut(event.key);
  else if (event.key === '[') step(-1);
  else if (event.key === ']') step(1);
  else if (event.key === 'w') openWorking();
  else {
    const target = document.querySelector(`[data-key="${CSS.escape(event.key)}"]`);
    if (!target) return;
    if (typing(target)) target.focus();
    else target.click();
  }
  event.preventDefault();
});

// In the search of the catalogue the arrows choose and Enter adds.
document.addEventListener('keydown', (event) => {
  if (event.target.id !== 'catalogue-q') return;
  const rows = [...document.querySelectorAll('#catalogue-found tr[data-pick]')];
  const at = rows.findIndex((row) => row.classList.contains('is-picked'));
  if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    const next = rows[Math.max(0, Math.min(rows.length - 1, event.key === 'ArrowDown' ? at + 1 : at - 1))];
    rows.forEach((row) => row.classList.toggle('is-picked', row === next));
    event.target.setAttribute('aria-activedescendant', next?.id ?? '');
    next?.scrollIntoView({ block: 'nearest' });
    event.preventDefault();
  } else if (event.key === 'Enter' && at >= 0) {
    event.preventDefault();
    rows[at].querySelector('button.add')?.click();
  }
});

document.addEventListener('click', (event) => {
  const button = event.target.closest?.('[data-open]');
  if (button) document.querySelector(button.dataset.open)?.showModal();
  const figure = event.target.closest?.('a.figure');
  if (figure) opener = figure.getAttribute('href');
  const close = event.target.closest?.('#working-panel [data-close-working]');
  if (close) { event.preventDefault(); closeWorking(); }
});

// On a narrow screen the rail scrolls: show the stop one is at.
document.querySelector('.rail-stop[aria-current]')?.parentElement
  .scrollIntoView({ inline: 'center', block: 'nearest' });

// Where a whole page's content was exchanged, the reader goes on at its heading.
document.addEventListener('htmx:after:swap', (event) => {
  const heading = document.querySelector('#content h1');
  if (event.detail?.ctx?.target?.id === 'content' && heading) {
    heading.setAttribute('tabindex', '-1');
    heading.focus({ preventScroll: event.detail.ctx.request?.method !== 'GET' });
  }
});

document.addEventListener('htmx:after:swap', () => {
  const panel = document.querySelector('#working-panel');
  if (panel && panel.childElementCount > 0 && panel.hidden) {
    panel.hidden = false;
    panel.querySelector('[data-focus]')?.focus();
  }
  paint();
});

document.addEventListener('click', (event) => {
  if (event.target.closest?.('[data-print]')) print();
});

// What a reader has unfolded stays so when the part round it is drawn anew.
htmx.config.morphIgnore.push('open');
