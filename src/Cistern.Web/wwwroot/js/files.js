// Files dropped anywhere on the form are chosen as if by its field.
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
