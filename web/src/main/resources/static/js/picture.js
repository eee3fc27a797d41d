// The line one reads at, on a picture of the bench: dragged, moved by arrow keys or pointed at.
const shown = (value, row) => {
  const decimals = Number(row.dataset.decimals);
  const figure = (value * Number(row.dataset.factor) + Number(row.dataset.offset))
    .toLocaleString('en', { minimumFractionDigits: decimals, maximumFractionDigits: decimals })
    .replace('-', '\u2212');
  return row.dataset.unit === '%' || row.dataset.unit ? `${figure}\u00a0${row.dataset.unit}` : figure;
};

const points = (path) => {
  path.points ??= path.dataset.read.split(' ').map((pair) => pair.split(',').map(Number));
  return path.points;
};

function valueAt(path, x) {
  const all = points(path);
  for (let i = 1; i < all.length; i += 1) {
    const [x0, y0] = all[i - 1];
    const [x1, y1] = all[i];
    if (x >= x0 && x <= x1) return x1 === x0 ? y1 : y0 + ((x - x0) / (x1 - x0)) * (y1 - y0);
  }
  return null;
}

// Where one reads goes into the address, once the line rests, and with the next change of a condition.
let resting = 0;
function remember(x) {
  const at = document.querySelector('#picture-at');
  if (!at) return;
  at.value = String(Number(x.toPrecision(4)));
  clearTimeout(resting);
  resting = setTimeout(() => {
    const address = new URL(window.location.href);
    address.searchParams.set('picture', document.querySelector('#picture-choice').value);
    address.searchParams.set('at', at.value);
    window.history.replaceState(window.history.state, '', address);
  }, 400);
}

function readAt(picture, share) {
  const from = Number(picture.dataset.from);
  const to = Number(picture.dataset.to);
  const x = from + (to - from) * share;
  const hair = picture.querySelector('.crosshair');
  if (!hair) return;
  hair.setAttribute('x1', `${86 * share}%`);
  hair.setAttribute('x2', `${86 * share}%`);
  const text = shown(x, picture);
  remember(x);
  picture.querySelectorAll('.picture-at').forEach((output) => { output.textContent = text; });
  picture.querySelector('input[type=range]')?.setAttribute('aria-valuetext', text);
  picture.querySelectorAll('tr[data-panel]').forEach((row) => {
    row.querySelectorAll('td[data-letter]').forEach((cell) => {
      const path = picture.querySelector(`path[data-panel="${row.dataset.panel}"][data-letter="${cell.dataset.letter}"]`);
      const value = path ? valueAt(path, x) : null;
      cell.textContent = value === null ? (path ? 'off' : '\u2014') : shown(value, row);
    });
  });
}

document.addEventListener('input', (event) => {
  const picture = event.target.closest?.('[data-picture]');
  if (picture && event.target.matches('.picture-reader input')) readAt(picture, Number(event.target.value) / 1000);
});

// Arrows go by a hundredth of the axis, with Shift by a tenth; Home and End to its ends.
document.addEventListener('keydown', (event) => {
  if (!event.target.matches?.('.picture-reader input')) return;
  const by = { ArrowLeft: -10, ArrowDown: -10, ArrowRight: 10, ArrowUp: 10 }[event.key];
  if (!by) return;
  const input = event.target;
  input.value = Math.max(0, Math.min(1000, Number(input.value) + by * (event.shiftKey ? 10 : 1)));
  input.dispatchEvent(new Event('input', { bubbles: true }));
  event.preventDefault();
});

const point = (event) => {
  const drawing = event.target.closest?.('.picture-drawing');
  if (!drawing) return;
  if (event.type === 'pointermove' && event.pointerType === 'touch' && event.buttons === 0) return;
  const picture = drawing.closest('[data-picture]');
  const box = drawing.getBoundingClientRect();
  const share = Math.max(0, Math.min(1, (event.clientX - box.left) / (0.86 * box.width)));
  const input = picture?.querySelector('.picture-reader input');
  if (!input) return;
  input.value = share * 1000;
  readAt(picture, share);
};
document.addEventListener('pointerdown', point);
document.addEventListener('pointermove', point);
