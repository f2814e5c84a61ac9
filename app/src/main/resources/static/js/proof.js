/* The record: the handle between before and after; the face is looked for before a picture is sent. */
(function () {
  "use strict";
  const range = document.getElementById("after-range");
  if (range) {
    const svg = range.closest(".proof-slider").querySelector("svg"), box = svg.viewBox.baseVal;
    const part = document.getElementById("after-part"), line = document.getElementById("after-line");
    const set = () => {
      const x = box.x + box.width * Number(range.value) / 1000;
      part.setAttribute("width", String(x));
      line.setAttribute("x1", String(x)); line.setAttribute("x2", String(x));
    };
    range.addEventListener("input", set);
    const to = (e) => {
      const r = svg.getBoundingClientRect();
      range.value = String(Math.round(1000 * (e.clientX - r.left) / r.width));
      set();
    };
    svg.addEventListener("pointerdown", (e) => { svg.setPointerCapture(e.pointerId); to(e); });
    svg.addEventListener("pointermove", (e) => { if (svg.hasPointerCapture(e.pointerId)) { to(e); } });
    set();
  }
  const form = document.getElementById("after-form");
  if (form) {
    const patience = (ms) => new Promise((resolve) => setTimeout(() => resolve(null), ms));
    form.addEventListener("submit", async (event) => {
      const file = form.elements.file.files[0];
      if (form.dataset.looked || !file || !window.firstGuess) { return; }
      event.preventDefault();
      form.dataset.looked = "yes";
      const message = document.getElementById("message");
      message.textContent = form.dataset.waiting; message.classList.add("shown");
      const url = URL.createObjectURL(file);
      try {
        const image = new Image();
        image.src = url;
        await image.decode();
        form.elements.shown.value = image.naturalWidth;
        const guess = await Promise.race([window.firstGuess(url), patience(40000)]);
        if (guess) { form.elements.search.value = JSON.stringify(guess); }
      } catch (e) { /* the server says what is wrong with the file */ }
      form.submit();
    }, true);
  }
})();
