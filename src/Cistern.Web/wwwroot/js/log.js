// What is not asked for does not stand in the address.
document.addEventListener('htmx:configRequest', (event) => {
  const asked = event.detail.formData;
  for (const [name, value] of [...asked.entries()]) if (value === '') asked.delete(name);
});

// An open facet goes with Escape, and with a touch beside it.
const close = (but) => { for (const open of document.querySelectorAll('.facet[open]')) if (open !== but) open.open = false; };
document.addEventListener('keydown', (event) => {
  if (event.key !== 'Escape') return;
  const open = document.querySelector('.facet[open]');
  close();
  open?.querySelector('summary').focus();
});
document.addEventListener('click', (event) => close(event.target.closest('.facet')));
