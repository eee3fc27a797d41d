// The bench: points that are spread, what is worked out after the rest, and choices beside the strip.
const pointsOf = (form) => [...form.querySelectorAll('[data-point]')];

function spread(form) {
  const inputs = pointsOf(form);
  const values = inputs.map((input) => Number(input.value || 0));
  const sum = values.reduce((all, each) => all + each, 0);
  inputs.forEach((input, i) => input.closest('.points-row').querySelectorAll('circle')
    .forEach((pip, at) => pip.classList.toggle('pip-given', at < values[i])));
  const whole = values.every((each) => Number.isInteger(each) && each >= 0 && each <= 12);
  const left = form.querySelector('[data-points-left]');
  if (!whole) left.textContent = 'whole points, 0 to 12';
  else if (sum === 12) left.textContent = '12 points spread';
  else left.textContent = sum < 12 ? `${12 - sum} to give` : `${sum - 12} too many`;
  form.querySelectorAll('[data-by="1"]').forEach((button) => { button.disabled = sum >= 12; });
  if (whole && sum === 12) form.requestSubmit();
}

document.addEventListener('click', (event) => {
  const button = event.target.closest?.('[data-points] [data-by]');
  if (!button) return;
  const input = button.closest('.points-row').querySelector('[data-point]');
  input.value = String(Math.max(0, Math.min(12, Number(input.value || 0) + Number(button.dataset.by))));
  spread(button.closest('form'));
});
document.addEventListener('input', (event) => {
  if (event.target.matches?.('[data-point]')) spread(event.target.form);
});

// What takes longer comes after a pause; what it said before stands dimmed meanwhile, and an answer to
// a question that is no longer asked is dropped.
let asked = '';
let said = '';
let pause = 0;
let under = null;

function workOut() {
  const place = document.querySelector('#bench-sure[data-src]');
  if (!place || place.dataset.src === asked && place.dataset.filled) return;
  place.dataset.filled = 'yes';
  asked = place.dataset.src;
  clearTimeout(pause);
  under?.abort();
  pause = setTimeout(async () => {
    under = new AbortController();
    try {
      const answer = await fetch(asked, { headers: { 'HX-Request': 'true' }, signal: under.signal });
      const text = await answer.text();
      const now = document.querySelector('#bench-sure');
      if (!answer.ok || !now || now.dataset.src !== asked) return;
      said = text;
      now.innerHTML = text;
      now.classList.remove('is-old');
    } catch { /* another question came before this one was answered */ }
  }, said ? 350 : 30);
}

workOut();
document.addEventListener('htmx:after:swap', workOut);

// A change is asked about at once; what changes before its answer is laid in is asked about then, as it stands by
// that time, so that a drag costs the server no more than it can answer.
let flying = 0;
let again = false;
const LONGEST_MS = 5000;

function ask(form) {
  if (flying && Date.now() - flying < LONGEST_MS) { again = true; return; }
  flying = Date.now();
  again = false;
  htmx.trigger(form, 'ask');
}

document.addEventListener('input', (event) => {
  const form = event.target.id === 'conditions' ? event.target : event.target.form;
  if (form?.id === 'conditions') ask(form);
});
document.addEventListener('htmx:finally:request', (event) => {
  if (event.target.id !== 'conditions') return;
  flying = 0;
  if (again) ask(event.target);
});

// Choices that stand beside the strip belong to it.
document.addEventListener('change', (event) => {
  const form = event.target.form;
  if (form?.id === 'conditions' && !form.contains(event.target)) {
    form.dispatchEvent(new Event('input', { bubbles: true }));
  }
});

// Old and new answers are built alike: in the table and the drawings they are walked side by side and only what
// differs is touched, which costs a fraction of looking for what belongs to what. What nobody sees, scrolled away
// or folded up, is brought up to date once what is seen is painted.
const KEPT_ATTRIBUTES = ['data-htmx-powered', 'open', 'style'];
const ALIKE = '.outcomes > table, details.behind > .table-wide, svg';
const near = new WeakSet();
const behind = new Map();

const seen = new IntersectionObserver((entries) => entries.forEach(({ target, isIntersecting }) => {
  if (isIntersecting) { near.add(target); catchUp(); } else near.delete(target);
}), { rootMargin: '200px' });

function watch() {
  document.querySelectorAll('.outcomes, .picture').forEach((each) => seen.observe(each));
}

function steady(now, next) {
  if (now.nodeType !== next.nodeType || now.nodeName !== next.nodeName) { now.replaceWith(next); return; }
  if (now.nodeType !== Node.ELEMENT_NODE) {
    if (now.nodeValue !== next.nodeValue) now.nodeValue = next.nodeValue;
    return;
  }
  for (const name of next.getAttributeNames()) {
    const value = next.getAttribute(name);
    if (now.getAttribute(name) !== value) now.setAttribute(name, value);
  }
  if (now.attributes.length !== next.attributes.length) {
    for (const name of now.getAttributeNames()) {
      if (!next.hasAttribute(name) && !KEPT_ATTRIBUTES.includes(name)) now.removeAttribute(name);
    }
  }
  if (now.childNodes.length !== next.childNodes.length) { now.replaceChildren(...next.childNodes); return; }
  for (let a = now.firstChild, b = next.firstChild; a;) {
    const [afterA, afterB] = [a.nextSibling, b.nextSibling];
    steady(a, b);
    [a, b] = [afterA, afterB];
  }
}

function catchUp() {
  for (const [now, next] of behind) {
    behind.delete(now);
    if (now.isConnected) { steady(now, next); htmx.process(now); }
  }
}

function isUnseen(part) {
  if (part.contains(document.activeElement)) return false;
  if (part.matches('div')) return !part.parentElement.open;
  return part.matches('table, .picture-drawing') && !near.has(part.parentElement);
}

htmx.registerExtension('steady', {
  htmx_before_morph_node: (now, { newNode }) => {
    // What is worked out after the rest stands dimmed until the next of it is there.
    if (now.id === 'bench-sure' && said) {
      now.dataset.src = newNode.dataset.src;
      delete now.dataset.filled;
      now.classList.add('is-old');
      return false;
    }
    if (!now.matches?.(ALIKE)) return true;
    behind.delete(now);
    if (isUnseen(now)) behind.set(now, newNode);
    else steady(now, newNode);
    return false;
  },
});
document.addEventListener('htmx:after:swap', () => {
  watch();
  if (behind.size) requestIdleCallback(catchUp, { timeout: 400 });
});
document.addEventListener('toggle', catchUp, true);
watch();

// The figures of an answer say which working they open; in which conditions stands once, at the table.
for (const kind of ['pointerdown', 'focusin', 'click']) {
  document.addEventListener(kind, (event) => {
    const figure = event.target.closest?.('.outcomes a.figure');
    const href = figure?.getAttribute('href');
    if (href && !href.includes('?')) figure.setAttribute('href', href + figure.closest('.outcomes').dataset.query);
  }, true);
}
