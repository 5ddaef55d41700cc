// Pictures of brews: reduced on the device, stored there until the server has them, and sent once. Without this script the form sends
// the photograph, and the server reduces it.
import { preview } from './preview.js';

const LONGEST = 1600;
const flag = 'cistern-pictures';

// ---- stored on this device, in IndexedDB because of their size ----

const open = () => new Promise((resolve, reject) => {
  const asked = indexedDB.open('cistern-pictures', 1);
  asked.onupgradeneeded = () => asked.result.createObjectStore('kept', { keyPath: 'key' });
  asked.onsuccess = () => resolve(asked.result);
  asked.onerror = () => reject(asked.error);
});
const inStore = async (mode, work) => {
  const db = await open();
  try {
    return await new Promise((resolve, reject) => {
      const transaction = db.transaction('kept', mode);
      const asked = work(transaction.objectStore('kept'));
      transaction.oncomplete = () => resolve(asked.result);
      transaction.onerror = () => reject(transaction.error);
      transaction.onabort = () => reject(transaction.error);
    });
  } finally {
    db.close();
  }
};
const keep = (picture) => inStore('readwrite', (store) => store.put(picture));
const drop = (key) => inStore('readwrite', (store) => store.delete(key));
const all = () => inStore('readonly', (store) => store.getAll());

/** Tells every page whether pictures wait, so that it loads this script only then. */
const mark = async () => {
  const { length } = await all();
  try {
    if (length > 0) localStorage.setItem(flag, String(length));
    else localStorage.removeItem(flag);
  } catch {
    // Then it is sent from the next page that shows pictures.
  }
  return length;
};

// ---- sending ----

/** Sends stored pictures one after another. One that the server will never accept is reported and deleted. */
const sendAll = async () => {
  let told = '';
  let sent = 0;
  for (const picture of await all()) {
    const where = new URLSearchParams({ key: picture.key, of: picture.of, said: picture.said, atMs: String(picture.atMs) });
    const answer = await fetch(`/api/brews/${picture.brew}/pictures?${where}`, { method: 'POST', headers: { 'Content-Type': picture.blob.type }, body: picture.blob, signal: AbortSignal.timeout(60_000) });
    if (answer.ok) {
      sent += 1;
      await drop(picture.key);
    } else if ([404, 409, 413, 422].includes(answer.status)) {
      told = (await answer.json().catch(() => ({}))).detail ?? 'The server does not take this picture.';
      await drop(picture.key);
    } else {
      throw new Error(String(answer.status));
    }
  }
  return { sent, told };
};

/** One page sends at a time, where the browser has locks; the server accepts each picture once in any case. */
const alone = (work) => (navigator.locks ? navigator.locks.request('cistern-pictures', work) : work());

/** An upright JPEG of the size to be stored; a picture that the browser cannot read is sent unchanged. */
const small = async (file) => {
  try {
    const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(picture.width * scale));
    canvas.height = Math.max(1, Math.round(picture.height * scale));
    canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
    return (await new Promise((resolve) => { canvas.toBlob(resolve, 'image/jpeg', 0.85); })) ?? file;
  } catch {
    return file;
  }
};

const wireForm = (form) => {
  const status = form.querySelector('[data-status]');
  preview(form.elements.picture);
  form.addEventListener('submit', async (event) => {
    const file = form.elements.picture.files[0];
    // Without storage, the browser sends the form.
    if (!file || !globalThis.indexedDB) return;
    event.preventDefault();
    status.textContent = 'Making it small…';
    const picture = { key: form.elements.key.value, brew: Number(form.dataset.brew), of: form.elements.of.value, said: form.elements.said.value, atMs: Date.now(), blob: await small(file) };
    try {
      await keep(picture);
      await mark();
    } catch {
      form.submit();
      return;
    }
    await sendKept(status);
  });
};

/** Sends, and reports the result. */
const sendKept = async (status) => {
  try {
    const { sent, told } = await alone(sendAll);
    await mark();
    if (told) {
      if (status) status.textContent = told;
    } else if (sent > 0 && (status || document.querySelector('.add-picture'))) {
      location.reload();
    }
  } catch {
    const waiting = await mark().catch(() => 0);
    if (status && waiting > 0) status.textContent = `No network: ${waiting === 1 ? 'the picture is' : `${waiting} pictures are`} stored on this device and sent later.`;
  }
};

const forms = [...document.querySelectorAll('.add-picture')];
forms.forEach(wireForm);
const first = forms[0]?.querySelector('[data-status]') ?? null;
const later = () => { all().then((kept) => { if (kept.length > 0) sendKept(first); }, () => {}); };
addEventListener('online', later);
later();
