// The shelf: a form that opens where a thing stands has the focus, what will not do first of all; kept or left, the thing
// has it again.
document.addEventListener('htmx:afterSwap', (event) => {
  const place = event.detail.target;
  const form = place.querySelector('form.in-place');
  const next = form ? form.querySelector('[aria-invalid="true"]') ?? form.querySelector('input:not([type=hidden]), select, textarea') : place.querySelector('a.button');
  next?.focus();
});
