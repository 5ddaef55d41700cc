// Empty fields are left out of the address.
document.addEventListener('htmx:configRequest', (event) => {
  const asked = event.detail.formData;
  for (const [name, value] of [...asked.entries()]) if (value === '') asked.delete(name);
});

// Escape, or a touch beside it, closes an open filter.
const close = (but) => { for (const open of document.querySelectorAll('.facet[open]')) if (open !== but) open.open = false; };
document.addEventListener('keydown', (event) => {
  if (event.key !== 'Escape') return;
  const open = document.querySelector('.facet[open]');
  close();
  open?.querySelector('summary').focus();
});
document.addEventListener('click', (event) => close(event.target.closest('.facet')));
