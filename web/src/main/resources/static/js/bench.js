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
  if (said && !place.dataset.filled) {
    place.innerHTML = said;
    place.classList.add('is-old');
  }
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

// Choices that stand beside the strip belong to it.
document.addEventListener('change', (event) => {
  const form = event.target.form;
  if (form?.id === 'conditions' && !form.contains(event.target)) {
    form.dispatchEvent(new Event('input', { bubbles: true }));
  }
});
