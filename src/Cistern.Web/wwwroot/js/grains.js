// The card's outline follows the width typed; arrow keys change it in small steps.
const field = document.getElementById('card');
const outline = document.getElementById('card-outline');

const draw = () => {
  const width = Number(field.value.replace(',', '.'));
  if (!(width >= 100 && width <= 1500)) return;
  outline.setAttribute('width', width);
  outline.setAttribute('height', (width * 53.98) / 85.6);
};

field.addEventListener('input', draw);
field.addEventListener('keydown', (event) => {
  if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
  event.preventDefault();
  field.value = String(Math.round(Number(field.value) + (event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 10 : 1)));
  draw();
});
