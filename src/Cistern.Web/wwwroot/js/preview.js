// Shows chosen photographs before they are sent: small, upright, only on this device.

/** Shows below a file field what is chosen in it. A file that the browser cannot show is omitted; the server says what is wrong with it. */
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
  // After returning to a page, its field still has the chosen files.
  show();
};
