// Files dropped anywhere on the form are treated as if chosen in its field.
const form = document.getElementById('drop');
const field = document.getElementById('files');
for (const name of ['dragenter', 'dragover']) {
  form.addEventListener(name, (event) => { event.preventDefault(); form.classList.add('is-over'); });
}
for (const name of ['dragleave', 'drop']) {
  form.addEventListener(name, () => form.classList.remove('is-over'));
}
form.addEventListener('drop', (event) => {
  event.preventDefault();
  if (event.dataTransfer.files.length > 0) {
    field.files = event.dataTransfer.files;
    form.requestSubmit();
  }
});

// A code is read on this device, so that no picture is sent; on a phone the field opens the camera.
const picture = document.getElementById('picture');
const says = document.getElementById('picture-says');
document.getElementById('code-picture').hidden = false;

/** The reader is a quarter of a megabyte, so it is loaded when the first picture is chosen. */
let reader = null;
const fetchReader = () => {
  reader ??= new Promise((resolve, reject) => {
    const script = document.createElement('script');
    script.src = '/lib/jsQR.js';
    script.onload = () => resolve(globalThis.jsQR);
    script.onerror = reject;
    document.head.append(script);
  });
  return reader;
};

/** Sizes in which a picture is searched, px of the longer side: a large photograph is easier to read when reduced. */
const SIZES = [1000, 1600, 2400];
const readCode = async (file) => {
  const jsQR = await fetchReader();
  const bitmap = await createImageBitmap(file);
  for (const size of SIZES) {
    const scale = size / Math.max(bitmap.width, bitmap.height);
    const canvas = new OffscreenCanvas(Math.max(1, Math.round(bitmap.width * scale)), Math.max(1, Math.round(bitmap.height * scale)));
    const drawn = canvas.getContext('2d');
    drawn.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    const { data, width, height } = drawn.getImageData(0, 0, canvas.width, canvas.height);
    const found = jsQR(data, width, height);
    if (found) return found.data;
  }
  return null;
};

picture.addEventListener('change', async () => {
  if (picture.files.length === 0) return;
  says.textContent = 'Looking…';
  try {
    const text = await readCode(picture.files[0]);
    if (text === null) {
      says.textContent = 'No code was found in it. Take it straight from above, near enough to fill the picture, in even light.';
      return;
    }
    document.getElementById('code').value = text;
    says.textContent = '';
    document.getElementById('code-form').requestSubmit();
  } catch {
    says.textContent = 'That picture cannot be read on this device. Paste the text instead.';
  }
});
