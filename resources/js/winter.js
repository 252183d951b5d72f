// What if: a super dragged off its stack goes, dragged back it stays. The tick box beside it does the same.
document.addEventListener('pointerdown', (event) => {
  const box = event.target.closest('[data-super]');
  if (!box || event.target.closest('label, a, button')) return;
  const tick = box.querySelector('input[type=checkbox]');
  const from = { x: event.clientX, y: event.clientY };
  box.setPointerCapture(event.pointerId);
  box.classList.add('held');
  const move = (at) => {
    box.style.transform = `translate(${at.clientX - from.x}px, ${at.clientY - from.y}px)`;
  };
  const drop = (at) => {
    box.removeEventListener('pointermove', move);
    box.classList.remove('held');
    box.style.transform = '';
    const away = at.clientX - from.x;
    const up = at.clientY - from.y;
    // Aside to the right or upwards is off, back to the left or downwards is on.
    let wanted = tick.checked;
    if (Math.abs(away) >= 30) wanted = away < 0;
    else if (Math.abs(up) >= 30) wanted = up > 0;
    if (at.type === 'pointerup' && wanted !== tick.checked) {
      tick.checked = wanted;
      tick.dispatchEvent(new Event('change', { bubbles: true }));
    }
  };
  box.addEventListener('pointermove', move);
  box.addEventListener('pointerup', drop, { once: true });
  box.addEventListener('pointercancel', drop, { once: true });
  event.preventDefault();
});
