// The work of fitting where there is no connection: a tick that cannot be sent is kept on this device with its own
// time, shown as waiting, and sent once, in order, when the server answers again.
(() => {
'use strict';
const PAGE = () => document.querySelector('[data-away]');
const AGAIN_MS = 15000;
const KEPT = 'fermix-fit-2';
const waiting = () => `fermix.fit.${PAGE().dataset.away}`;

function queue() {
  try { return JSON.parse(localStorage.getItem(waiting()) ?? '[]'); } catch { return []; }
}

function store(items) {
  if (items.length) localStorage.setItem(waiting(), JSON.stringify(items));
  else localStorage.removeItem(waiting());
}

// A page kept for work without a connection goes when another garage is open here, or its keys were changed.
async function dropForeign() {
  const mine = document.documentElement.dataset.garage;
  if (!mine || !window.caches || !(await caches.has(KEPT))) return;
  const all = document.querySelector('[data-forget-kept]') !== null;
  const cache = await caches.open(KEPT);
  for (const request of await cache.keys()) {
    if (!request.url.endsWith('/fit')) continue;
    const page = await (await cache.match(request)).text();
    if (all || !page.includes(`data-garage="${mine}"`)) await cache.delete(request);
  }
}

const row = (step) => document.querySelector(`[data-step="${CSS.escape(step)}"]`);
const isTicked = (element) => element?.classList.contains('is-ticked');
const isAway = (response) => [502, 503, 504].includes(response.status);

function say() {
  const line = document.querySelector('[data-away-words]');
  if (!line) return;
  const count = queue().filter((item) => !item.refused).length;
  line.hidden = count === 0;
  line.textContent = `No connection: ${count === 1 ? 'one tick is' : `${count} ticks are`} kept on this device and sent when it is back.`;
}

// Draws a kept tick as it will be.
function paint(item) {
  const element = row(item.step);
  if (!element) return;
  const ticked = item.action !== 'undo';
  element.classList.toggle('is-ticked', ticked);
  element.classList.toggle('is-waiting', true);
  element.classList.remove('is-next');
  const box = element.querySelector('.tick-box');
  box.textContent = ticked ? (item.action === 'skip' ? '\u2013' : '\u2713') : '';
  box.setAttribute('aria-pressed', String(ticked));
  element.querySelector('.fitting-when')?.remove();
  const when = document.createElement('span');
  when.className = 'fine fitting-when';
  const time = new Date(item.at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
  when.textContent = ` ${item.action === 'skip' ? 'skipped ' : ''}${time}${item.note ? `: ${item.note}` : ''}, waiting to be sent`;
  element.querySelector('.fitting-words p').append(when);
  box.form.elements.action.value = ticked ? 'undo' : 'done';
  const next = [...document.querySelectorAll('[data-step]')].find((each) => !isTicked(each));
  document.querySelectorAll('.is-next').forEach((each) => each.classList.remove('is-next'));
  next?.classList.add('is-next');
  count();
}

// How many are done, with those that wait to be sent.
function count() {
  const all = document.querySelectorAll('[data-step]');
  const done = [...all].filter(isTicked).length;
  const bar = document.querySelector('.fitting-bar');
  PAGE().querySelector('[data-done]').textContent = String(done);
  bar.setAttribute('aria-label', `${done} of ${all.length} steps done`);
  bar.querySelector('.bar-fill').setAttribute('width', `${Math.floor(100 * done / all.length)}%`);
}

function ask(element, words, act) {
  element.querySelector('.fitting-ask')?.remove();
  const box = document.createElement('p');
  box.className = 'error fitting-ask';
  box.setAttribute('role', 'alert');
  box.append(`${words} `);
  for (const [label, does] of act) {
    const button = document.createElement('button');
    button.type = 'button';
    button.className = 'button';
    button.textContent = label;
    button.addEventListener('click', () => { box.remove(); does(); });
    box.append(button, ' ');
  }
  element.querySelector('.fitting-words').append(box);
  box.querySelector('button')?.focus();
}

// Keeps it; a step out of order is asked about first, as the server would.
function keep(item) {
  const element = row(item.step);
  if (item.action === 'skip' && !item.note) { ask(element, 'Say in a word why it is skipped.', []); return; }
  const before = element?.dataset.after ? row(element.dataset.after) : null;
  if (item.action === 'done' && before && !isTicked(before) && !item.anyway) {
    ask(element, `First: \u201c${before.querySelector('b').textContent}\u201d is not ticked.`,
      [['Tick it all the same', () => keep({ ...item, anyway: true })]]);
    return;
  }
  const items = queue();
  const last = items.findLastIndex((each) => each.step === item.step && !each.refused);
  // Ticked and taken back before anything was sent: as if nothing had been.
  if (last >= 0 && item.action === 'undo' && items[last].action !== 'undo' && !items[last].seen) items.splice(last, 1);
  else items.push({ ...item, seen: last >= 0 ? items[last].at : item.seen });
  store(items);
  paint(item);
  say();
}

async function show(response) {
  const page = new DOMParser().parseFromString(await response.text(), 'text/html');
  const content = page.querySelector('#content');
  if (!content || !page.querySelector('[data-away]')) { window.location = response.url; return; }
  document.querySelector('#content').replaceWith(document.adoptNode(content));
  // What is kept for later is the page as it is now.
  navigator.serviceWorker?.controller?.postMessage({ keep: [window.location.pathname] });
  queue().filter((item) => !item.refused).forEach(paint);
  refused();
  say();
  const next = document.querySelector('#content .error')?.closest('li') ?? document.querySelector('#next');
  next?.scrollIntoView({ block: 'center' });
  (next?.querySelector('.button-strong') ?? next?.querySelector('.tick-box'))?.focus({ preventScroll: true });
}

document.addEventListener('submit', async (event) => {
  const form = event.target;
  const element = form.closest('[data-step]');
  if (!PAGE() || !element) return;
  event.preventDefault();
  const body = new URLSearchParams(new FormData(form, event.submitter));
  const item = {
    step: element.dataset.step, action: body.get('action'), note: (body.get('note') ?? '').trim(),
    at: new Date().toISOString(), seen: element.dataset.at ?? '',
  };
  if (queue().some((each) => !each.refused)) { keep(item); send(); return; }
  try {
    const response = await fetch(form.getAttribute('action'), { method: 'POST', body });
    if (isAway(response)) throw new TypeError('away');
    await show(response);
  } catch (away) {
    if (!(away instanceof TypeError)) throw away;
    keep(item);
  }
});

async function post(item, token) {
  const body = new URLSearchParams({ ...item, _csrf: token });
  return fetch(`${window.location.pathname}/away`, { method: 'POST', body });
}

let busy = false;
async function send() {
  if (busy || !PAGE() || !queue().some((item) => !item.refused)) return;
  busy = true;
  try {
    await navigator.locks.request('fermix-fit', async () => {
      let token = document.querySelector('[data-away] [name=_csrf]')?.value ?? '';
      let sent = false;
      for (let item = queue().find((each) => !each.refused); item; item = queue().find((each) => !each.refused)) {
        let response = await post(item, token);
        if (response.status === 403) {
          // The page was kept long: a new one has a token that counts.
          const page = new DOMParser().parseFromString(await (await fetch(window.location.pathname)).text(), 'text/html');
          token = page.querySelector('[data-away] [name=_csrf]')?.value ?? '';
          response = await post(item, token);
        }
        if (isAway(response)) return;
        const answer = response.headers.get('Content-Type')?.includes('json') ? await response.json()
          : { result: 'refused', words: 'It could not be taken down: open the job again.' };
        sent = true;
        const items = queue();
        const at = items.findIndex((each) => each.at === item.at && each.step === item.step && !each.refused);
        if (at < 0) continue;
        if (answer.result === 'kept' || answer.result === 'same') items.splice(at, 1);
        else items[at] = { ...items[at], refused: answer.words, stands: answer.stands ?? '', result: answer.result };
        store(items);
      }
      if (sent) await show(await fetch(window.location.pathname));
    });
  } catch (away) {
    if (!(away instanceof TypeError)) throw away;
  } finally { busy = false; say(); }
}

// What the server did not take, with both sides of it.
function refused() {
  for (const item of queue().filter((each) => each.refused)) {
    const element = row(item.step);
    if (!element) continue;
    const drop = () => store(queue().filter((each) => !(each.at === item.at && each.step === item.step)));
    const mine = () => {
      drop();
      const again = { step: item.step, action: item.action, note: item.note, seen: item.stands,
        at: item.result === 'clock' ? '' : item.at };
      store([...queue(), again]);
      send();
    };
    ask(element, item.refused, [[item.result === 'clock' ? 'Tick it as of now' : 'Mine counts', mine], ['Leave it', () => { drop(); say(); }]]);
  }
}

if (PAGE()) {
  queue().filter((item) => !item.refused).forEach(paint);
  refused();
  say();
  window.addEventListener('online', send);
  setInterval(send, AGAIN_MS);
  send();
  navigator.serviceWorker?.register('/away.js', { scope: '/jobs/' }).then(async () => {
    const ready = await navigator.serviceWorker.ready;
    const used = performance.getEntriesByType('resource').map((entry) => new URL(entry.name))
      .filter((url) => url.origin === window.location.origin && url.pathname.startsWith('/assets/')).map((url) => url.pathname);
    navigator.serviceWorker.addEventListener('message', (event) => {
      const kept = document.documentElement.dataset;
      if (event.data === 'kept') kept.kept = String(1 + Number(kept.kept ?? 0));
    });
    ready.active.postMessage({ keep: [window.location.pathname, ...used] });
  }).catch(() => { /* Without it the page still works where there is a connection. */ });
}
dropForeign().catch(() => { /* storage is shut: nothing is kept then */ });
})();
