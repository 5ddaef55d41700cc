// Says that a picture is being measured, which takes some seconds after sending.
import { preview } from './preview.js';

preview(document.getElementById('pictures'));
const form = document.getElementById('grind-form');
form.addEventListener('submit', () => {
  const pictures = document.getElementById('pictures').files.length;
  if (pictures > 0) document.getElementById('looking').textContent = `Sending ${pictures === 1 ? 'the picture' : `${pictures} pictures`} and counting grains: some seconds…`;
});
