/* The own shadow's picture: two marks that can be moved; the picture stays chosen in the browser and is sent again with them. */
(function () {
  "use strict";
  const form = document.getElementById("shadow-form");
  if (!form) { return; }
  const box = document.getElementById("shadow-picture");
  const marks = () => (box ? Array.from(box.querySelectorAll(".shadow-mark")) : []);
  function lay() {
    marks().forEach((m) => { m.style.left = 100 * m.dataset.x + "%"; m.style.top = 100 * m.dataset.y + "%"; });
  }
  function keep() {
    marks().forEach((m) => {
      form.elements[m.dataset.mark + "X"].value = m.dataset.x;
      form.elements[m.dataset.mark + "Y"].value = m.dataset.y;
    });
  }
  function put(mark, x, y) {
    mark.dataset.x = Math.max(0.03, Math.min(0.97, x));
    mark.dataset.y = Math.max(0.03, Math.min(0.97, y));
    lay();
    keep();
  }
  /* the chosen file is kept for a second look: a file field cannot be filled by the server */
  const file = form.elements.picture;
  file.addEventListener("change", () => {
    ["litX", "litY", "shadeX", "shadeY"].forEach((n) => { form.elements[n].value = "-1"; });
  });
  if (box && file.files.length === 0) {
    const image = box.querySelector("img");
    const bytes = Uint8Array.from(atob(image.src.split(",")[1]), (c) => c.charCodeAt(0));
    const again = new DataTransfer();
    again.items.add(new File([bytes], "shadow.jpg", { type: "image/jpeg" }));
    file.files = again.files;
  }
  let held = null;
  document.addEventListener("pointerdown", (e) => {
    const m = e.target.closest && e.target.closest(".shadow-mark");
    if (m) { held = m; m.setPointerCapture(e.pointerId); }
  });
  document.addEventListener("pointermove", (e) => {
    if (!held) { return; }
    const r = box.getBoundingClientRect();
    put(held, (e.clientX - r.left) / r.width, (e.clientY - r.top) / r.height);
  });
  document.addEventListener("pointerup", () => { held = null; });
  document.addEventListener("keydown", (e) => {
    const m = e.target.closest && e.target.closest(".shadow-mark");
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[e.key];
    if (m && way) {
      e.preventDefault();
      const step = e.shiftKey ? 0.03 : 0.01;
      put(m, Number(m.dataset.x) + way[0] * step, Number(m.dataset.y) + way[1] * step);
    }
  });
  lay();
})();
