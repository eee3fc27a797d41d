// Files: dropped on their field, sent with progress shown, and kept when the answer is a complaint.
const accepts = (event) => [...(event.dataTransfer?.types ?? [])].includes('Files');

const MOST_TRIES = 6;

function prepare() {
  document.querySelectorAll('[data-drop] .drop-words').forEach((words) => { words.hidden = false; });
}

document.addEventListener('dragover', (event) => {
  const field = event.target.closest?.('[data-drop]');
  document.querySelectorAll('[data-drop]').forEach((each) => each.classList.toggle('is-over', each === field && accepts(event)));
  if (accepts(event)) event.preventDefault();
});

document.addEventListener('dragleave', (event) => {
  if (!event.relatedTarget) document.querySelectorAll('[data-drop]').forEach((each) => each.classList.remove('is-over'));
});

document.addEventListener('drop', (event) => {
  if (!accepts(event)) return;
  // A file dropped beside the field must not replace the page.
  event.preventDefault();
  const field = event.target.closest?.('[data-drop]') ?? document.querySelector('[data-drop]');
  field?.classList.remove('is-over');
  const input = field?.querySelector('input[type=file]');
  if (input && event.dataTransfer.files.length > 0) {
    input.files = event.dataTransfer.files;
    input.focus();
  }
});

function show(form, words, share) {
  const upload = form.querySelector('.upload');
  upload.hidden = words === '';
  upload.querySelector('.upload-words').textContent = words;
  const bar = upload.querySelector('progress');
  if (share === null) bar.removeAttribute('value');
  else bar.value = share;
}

function answered(form, request) {
  const answer = new DOMParser().parseFromString(request.responseText, 'text/html');
  const content = answer.querySelector('#content');
  const path = new URL(request.responseURL).pathname;
  if (request.status < 400 || !content) {
    window.location.assign(path);
    if (path === window.location.pathname) window.location.reload();
    return;
  }
  const files = form.querySelector('input[type=file]').files;
  document.querySelector('#content').replaceWith(content);
  const input = content.querySelector('[data-upload] input[type=file]');
  if (input && files.length > 0) input.files = files;
  prepare();
  const alert = content.querySelector('[role=alert]');
  alert?.setAttribute('tabindex', '-1');
  alert?.focus();
}

document.addEventListener('submit', (event) => {
  const form = event.target.closest?.('form[data-upload]');
  if (!form) return;
  event.preventDefault();
  const button = form.querySelector('button');
  const most = Number(form.dataset.upload) * 1024 * 1024;
  if ([...form.querySelector('input[type=file]').files].some((file) => file.size > most)) {
    show(form, '', null);
    form.querySelector('.upload').hidden = false;
    form.querySelector('.upload progress').hidden = true;
    form.querySelector('.upload-words').textContent = `Too large: at most ${form.dataset.upload}\u202fMB are accepted. Cut it to the start.`;
    return;
  }
  form.querySelector('.upload progress').hidden = false;
  button.disabled = true;
  send(form, button, 1);
});

function send(form, button, tries) {
  const request = new XMLHttpRequest();
  request.upload.addEventListener('progress', (progress) => {
    const share = progress.lengthComputable ? Math.round((100 * progress.loaded) / progress.total) : null;
    show(form, share === null ? 'Sending' : `Sending, ${share}\u202f%`, share);
  });
  request.upload.addEventListener('load', () => show(form, 'Reading the rows and looking for the start', null));
  request.addEventListener('load', () => {
    const wait = Number(request.getResponseHeader('Retry-After'));
    if (request.status === 503 && wait > 0 && tries < MOST_TRIES) {
      show(form, `Others are being read; yours is tried again in ${wait}\u202fs`, null);
      setTimeout(() => send(form, button, tries + 1), wait * 1000);
    } else answered(form, request);
  });
  request.addEventListener('error', () => {
    show(form, '', null);
    button.disabled = false;
    form.querySelector('.upload').hidden = false;
    form.querySelector('.upload-words').textContent = 'The connection broke off. The file is still chosen: try again.';
  });
  show(form, 'Sending', 0);
  request.open('POST', form.action);
  request.send(new FormData(form));
}

prepare();

// What takes longer than a moment says so while it runs.
document.addEventListener('submit', (event) => {
  const busy = event.target.dataset?.busy && event.target.querySelector('.busy');
  if (!busy) return;
  busy.hidden = false;
  busy.querySelector('span').textContent = event.target.dataset.busy;
});
