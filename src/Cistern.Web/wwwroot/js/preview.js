// Shows the photographs that were chosen, before they are sent: small, upright, from this device alone.

/** Shows beneath a file field what is chosen in it. A file that the browser cannot show is left out: the server says what it is. */
export const preview = (input) => {
  const shown = document.createElement('div');
  shown.className = 'preview';
  input.after(shown);
  const show = () => {
    shown.querySelectorAll('img').forEach((image) => URL.revokeObjectURL(image.src));
    shown.replaceChildren(...[...input.files].map((file) => {
      const image = new Image();
      image.alt = `Chosen: ${file.name}`;
      image.addEventListener('error', () => image.remove());
      image.src = URL.createObjectURL(file);
      return image;
    }));
  };
  input.addEventListener('change', show);
  // A page that was left and come back to still has what was chosen.
  show();
};
