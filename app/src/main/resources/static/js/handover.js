// What is chosen above the sheet goes along with each way of handing it over.
(() => {
  const stage = document.getElementById('hand-over');
  if (!stage) return;
  const follow = () => {
    for (const field of stage.querySelectorAll('[data-follows]')) {
      const chosen = document.getElementById(field.dataset.follows);
      field.value = chosen.type === 'checkbox' ? String(chosen.checked) : chosen.value;
    }
    for (const line of stage.querySelectorAll('[data-hides]')) {
      line.hidden = !document.getElementById(line.dataset.hides).checked;
    }
  };
  document.getElementById('sheet-choices').addEventListener('change', follow);
  follow();
})();
