// Rulers that are scrolled away fold to a band at the head of the page. It says nothing that the
// rulers do not, so it is kept from screen readers.
const wide = matchMedia('(min-width: 900px)');
const SVG = 'http://www.w3.org/2000/svg';
const PITCH = 20;
const LEVEL = 20;
const FOOT = 44;

function drawn(ruler, width) {
  const from = ruler.querySelector('.ruler-drawing');
  const svg = document.createElementNS(SVG, 'svg');
  svg.setAttribute('width', '100%');
  svg.setAttribute('height', String(FOOT + 1));
  const keep = (mark, y1, y2) => {
    const copy = mark.cloneNode(true);
    if (copy.tagName === 'rect') { copy.setAttribute('y', y1); copy.setAttribute('height', y2 - y1); } else { copy.setAttribute('y1', y1); copy.setAttribute('y2', y2); }
    svg.append(copy);
  };
  from.querySelectorAll(':scope > .shade').forEach((mark) => keep(mark, 0, FOOT));
  from.querySelectorAll(':scope > .axis').forEach((mark) => keep(mark, FOOT, FOOT));
  from.querySelectorAll(':scope > .need').forEach((mark) => keep(mark, 0, FOOT));
  const ends = [];
  [...from.querySelectorAll(':scope > .tag')]
    .sort((a, b) => parseFloat(a.getAttribute('x')) - parseFloat(b.getAttribute('x')))
    .forEach((tag) => {
      const x = width * parseFloat(tag.getAttribute('x')) / 100;
      let level = ends.findIndex((end) => x - end >= PITCH);
      if (level < 0 && ends.length < 2) level = ends.length;
      if (level < 0) level = ends[0] <= ends[1] ? 0 : 1;
      ends[level] = x;
      const copy = tag.cloneNode(true);
      copy.setAttribute('y', String(FOOT - 20 - LEVEL * level));
      copy.querySelector('.stem')?.setAttribute('y2', String(20 + LEVEL * level));
      svg.append(copy);
    });
  return svg;
}

function fold() {
  const rulers = document.querySelector('#bench-results .rulers');
  let band = document.querySelector('.ruler-band');
  const away = wide.matches && rulers && rulers.getBoundingClientRect().bottom < 60;
  if (!away) { band?.remove(); return; }
  if (band && band.of === rulers.firstElementChild) return;
  band?.remove();
  band = document.createElement('div');
  band.className = 'ruler-band print-hide';
  band.setAttribute('aria-hidden', 'true');
  band.of = rulers.firstElementChild;
  document.body.append(band);
  const all = [...rulers.querySelectorAll('.ruler')];
  all.forEach((ruler) => {
    const cell = document.createElement('div');
    const head = document.createElement('p');
    const name = document.createElement('b');
    name.textContent = ruler.querySelector('h2').textContent;
    const need = document.createElement('span');
    need.textContent = ruler.querySelector('.ruler-need b')?.textContent ?? '';
    head.append(name, need);
    cell.append(head);
    band.append(cell);
    cell.append(drawn(ruler, cell.clientWidth));
  });
}

let waiting = false;
function soon() {
  if (waiting) return;
  waiting = true;
  requestAnimationFrame(() => { waiting = false; fold(); });
}
addEventListener('scroll', soon, { passive: true });
// What is not shown need not be drawn anew: asking where the rulers stand would lay out the whole page.
function anew() {
  const band = document.querySelector('.ruler-band');
  if (!band) return;
  band.of = null;
  soon();
}
addEventListener('resize', () => { anew(); soon(); });
document.addEventListener('htmx:after:swap', anew);
