/* Moves zones and points of the portrait with mouse, touch and keys; the server measures. */
(function () {
  "use strict";
  let held = null;

  function portrait() { return document.getElementById("portrait"); }
  function toDrawing(event) {
    const point = new DOMPoint(event.clientX, event.clientY);
    return point.matrixTransform(portrait().getScreenCTM().inverse());
  }
  /* Where a part is found again when the page was exchanged. */
  function again(part) {
    const d = part.dataset;
    return d.zone ? '[data-zone="' + d.zone + '"][data-side="' + d.side + '"]'
      : d.spot ? '[data-spot="' + d.spot + '"]' : '[data-point="' + d.point + '"]';
  }
  function send(part, dx, dy, scale) {
    const work = document.getElementById("skin-work");
    const perPixel = Number(portrait().dataset.scale);
    const values = { dx: dx / perPixel, dy: dy / perPixel };
    const loose = portrait().classList.contains("loose");
    let path = "/point";
    if (part.dataset.zone) {
      path = "/zone";
      Object.assign(values, { zone: part.dataset.zone, side: part.dataset.side, scale: scale });
    } else if (part.dataset.spot) {
      path = "/spot/move";
      Object.assign(values, { spot: part.dataset.spot, scale: scale });
    } else {
      values.point = part.dataset.point;
    }
    window.scree.send({ verb: "POST", path: work.dataset.url + path, values: values, target: "#skin-work", then: () => {
      if (!portrait()) { return; }
      portrait().classList.toggle("loose", loose);
      const button = document.getElementById("move");
      if (button) { button.setAttribute("aria-pressed", String(loose)); }
      const next = portrait().querySelector(again(part));
      if (next) { next.focus({ preventScroll: true }); }
    } });
  }

  document.addEventListener("pointerdown", (event) => {
    const part = event.target.closest && event.target.closest("#portrait [data-zone], #portrait [data-spot], #portrait [data-point]");
    if (!part || event.button !== 0) { return; }
    event.preventDefault();
    part.focus({ preventScroll: true });
    const from = toDrawing(event);
    held = { from: from, at: from, grip: event.target.hasAttribute("data-grip") };
    hold(part);
    part.setPointerCapture && part.setPointerCapture(event.pointerId);
  });
  function hold(part) {
    held.part = part;
    held.was = part.getAttribute("transform") || "";
    part.classList.add("moving");
  }
  /* An answer that comes while a part is held shows it where it lay before; the hand goes on with it. */
  document.addEventListener("htmx:afterSettle", () => {
    const part = held && window.scree.present(held.part, "#portrait " + again(held.part));
    if (!held || part === held.part) { return; }
    if (!part) { held = null; return; }
    hold(part);
    follow(held.at);
  });
  document.addEventListener("pointermove", (event) => {
    if (!held) { return; }
    event.preventDefault();
    follow(toDrawing(event));
  }, { passive: false });
  function follow(at) {
    held.at = at;
    const box = held.part.getBBox();
    if (held.grip) {
      const cx = box.x + box.width / 2, cy = box.y + box.height / 2;
      const k = factor(at, cx, cy);
      held.part.setAttribute("transform", "translate(" + cx + " " + cy + ") scale(" + k + ") translate(" + -cx + " " + -cy + ")");
    } else {
      held.part.setAttribute("transform", "translate(" + (at.x - held.from.x) + " " + (at.y - held.from.y) + ") " + held.was);
    }
  }
  function factor(at, cx, cy) {
    const before = Math.hypot(held.from.x - cx, held.from.y - cy);
    return Math.min(3, Math.max(0.35, Math.hypot(at.x - cx, at.y - cy) / Math.max(4, before)));
  }
  document.addEventListener("pointerup", (event) => {
    if (!held) { return; }
    const at = toDrawing(event);
    const box = held.part.querySelector("path").getBBox();
    const k = held.grip ? factor(at, box.x + box.width / 2, box.y + box.height / 2) : 1;
    const dx = held.grip ? 0 : at.x - held.from.x, dy = held.grip ? 0 : at.y - held.from.y;
    const part = held.part;
    held = null;
    part.classList.remove("moving");
    if (Math.abs(dx) + Math.abs(dy) > 1 || k !== 1) { send(part, dx, dy, k); }
  });
  document.addEventListener("pointercancel", () => {
    if (held) { held.part.setAttribute("transform", held.was); held = null; }
  });
  document.addEventListener("keydown", (event) => {
    const part = event.target.closest && event.target.closest("#portrait [data-zone], #portrait [data-spot], #portrait [data-point]");
    if (!part) { return; }
    const step = event.shiftKey ? 10 : 3;
    const move = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[event.key];
    const scale = { "+": 1.1, "=": 1.1, "-": 1 / 1.1 }[event.key];
    if (move) { event.preventDefault(); send(part, move[0], move[1], 1); }
    else if (scale && (part.dataset.zone || part.dataset.spot)) { event.preventDefault(); send(part, 0, 0, scale); }
  });
})();
