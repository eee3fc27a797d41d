// The lay-up on the climate strip: its ends are dragged, or moved by the arrow keys.
const MONTHS = 12;
const DAYS = 365;
let held = null;

const days = () => document.querySelector('#f-layUp');
const from = () => document.querySelector('#f-layUpFrom');
const changed = (field) => field?.dispatchEvent(new Event('input', { bubbles: true }));

function shareOf(handle, event) {
  const box = handle.ownerSVGElement.getBoundingClientRect();
  return Math.max(0, Math.min(0.999, (event.clientX - box.left) / box.width));
}

function move(handle, share) {
  const first = Number(handle.dataset.first);
  if (handle.dataset.edge === 'from') {
    from().value = String(((first - 1 + Math.floor(share * MONTHS)) % MONTHS) + 1);
    return from();
  }
  const start = document.querySelector('.lay-up-handle[data-edge=from]');
  const began = parseFloat(start.getAttribute('x')) / 100;
  days().value = String(Math.max(1, Math.round(((share - began + 1) % 1) * DAYS)));
  return days();
}

document.addEventListener('pointerdown', (event) => {
  const handle = event.target.closest?.('.lay-up-handle');
  if (!handle) return;
  held = handle;
  handle.setPointerCapture(event.pointerId);
  event.preventDefault();
});

document.addEventListener('pointermove', (event) => {
  if (held) held.setAttribute('x', `${(100 * shareOf(held, event)).toFixed(2)}%`);
});

document.addEventListener('pointerup', (event) => {
  if (!held) return;
  const handle = held;
  held = null;
  changed(move(handle, shareOf(handle, event)));
});

document.addEventListener('keydown', (event) => {
  const handle = event.target.closest?.('.lay-up-handle');
  const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
  if (!handle || !by) return;
  event.preventDefault();
  if (handle.dataset.edge === 'from') {
    const now = Number(from().value) || ((Number(handle.dataset.first) - 1 + Math.floor((parseFloat(handle.getAttribute('x')) / 100) * MONTHS)) % MONTHS) + 1;
    from().value = String(((now - 1 + by + MONTHS) % MONTHS) + 1);
    changed(from());
  } else {
    const now = Number(days().value) || Number(handle.getAttribute('aria-valuenow'));
    days().value = String(Math.max(1, now + 7 * by));
    changed(days());
  }
});
