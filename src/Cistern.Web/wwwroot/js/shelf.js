// The shelf: a form opened in the list gets the focus, an invalid field first; when it is saved or closed, the thing gets it back.
document.addEventListener('htmx:afterSwap', (event) => {
  const place = event.detail.target;
  const form = place.querySelector('form.in-place');
  const next = form ? form.querySelector('[aria-invalid="true"]') ?? form.querySelector('input:not([type=hidden]), select, textarea') : place.querySelector('a.button');
  next?.focus();
});
