import { closeDialog } from './dialog';

// A picture comes into the description where the cursor stands, and is kept as typing is.
document.addEventListener('click', (event) => {
  const offer = event.target.closest('[data-into-description]');
  const field = document.getElementById('description');
  if (offer && field) {
    closeDialog();
    field.setRangeText(`\n${offer.dataset.intoDescription}\n`, field.selectionStart, field.selectionEnd, 'end');
    field.focus();
    field.dispatchEvent(new Event('change', { bubbles: true }));
  }
});
