/* The Place page: choosing and drawing zones, before and after. The server plans. */
(function () {
  "use strict";
  if (!document.getElementById("place")) { return; }
  const event = document.querySelector("[data-event-light]");
  const seenIn = { OFFICE: "COOL_LAMP", WARM_STAGE: "WARM_LAMP", FLASH: "FLASH" };
  let mode = "plan", light = (event && seenIn[event.dataset.eventLight]) || "DAYLIGHT", share = 100, held = null;
  const page = () => document.getElementById("place");
  const drawing = () => document.getElementById("place-drawing");
  const url = () => page().dataset.url;
  const scale = () => Number(page().dataset.scale);

  function ask(verb, path, values, focus) {
    window.scree.send({ verb: verb, path: url() + path, values: values, target: "#place", focus: focus });
  }
  function choose(key) { ask("GET", "", { zone: key }, '.zone[data-zone="' + key + '"]'); }

  /* ---- what is shown ---- */
  function show() {
    if (!drawing()) { return; }
    const stack = document.getElementById("stack");
    stack.classList.toggle("bare", mode === "bare");
    stack.classList.toggle("lines", mode === "lines");
    stack.classList.toggle("making", mode === "made");
    document.querySelectorAll("[data-mode]").forEach((b) => b.setAttribute("aria-pressed", String(b.dataset.mode === mode)));
    const made = document.getElementById("made"), curtain = document.getElementById("curtain"), lights = document.getElementById("lights");
    [made, curtain, lights].forEach((e) => { if (mode === "made") { e.removeAttribute("hidden"); } else { e.setAttribute("hidden", ""); } });
    document.querySelectorAll(".plan-only").forEach((e) => { e.hidden = mode === "made"; });
    if (mode === "made") {
      document.querySelectorAll("[data-light]").forEach((b) => b.setAttribute("aria-pressed", String(b.dataset.light === light)));
      const image = document.getElementById("made-picture"), own = document.getElementById("place-picture");
      const src = image.dataset.src + "?light=" + light + "&v=" + page().dataset.version;
      if (image.getAttribute("src") !== src) { image.setAttribute("src", src); }
      const box = drawing().viewBox.baseVal, k = 100 / box.width, h = 100 / box.height;
      image.style.left = Number(own.getAttribute("x")) * k + "%";
      image.style.top = Number(own.getAttribute("y")) * h + "%";
      image.style.width = Number(own.getAttribute("width")) * k + "%";
      image.style.height = Number(own.getAttribute("height")) * h + "%";
      curtain.value = share;
      made.style.clipPath = "inset(0 " + (100 - share) + "% 0 0 round 22px)";
    }
  }
  document.addEventListener("htmx:afterSettle", show);
  document.addEventListener("input", (event) => {
    if (event.target.id === "curtain") { share = Number(event.target.value); show(); }
  });
  document.addEventListener("change", (event) => {
    if (event.target.id === "strength") {
      ask("POST", "/strength", { area: event.target.dataset.area, side: event.target.dataset.side, strength: event.target.value }, "#strength");
    }
  });
  document.addEventListener("click", (event) => {
    const m = event.target.closest("[data-mode]"), l = event.target.closest("[data-light]"), s = event.target.closest("[data-field]");
    const next = event.target.closest("#next");
    const zone = event.target.closest("#place-drawing .zone, #place-drawing .tag");
    if (m) { mode = m.dataset.mode; show(); }
    else if (l) { light = l.dataset.light; show(); }
    else if (event.target.closest("#schools-open")) { document.getElementById("schools").showModal(); }
    else if (s) { document.getElementById("schools").close(); ask("POST", "/school", { field: s.dataset.field, value: s.dataset.value, zone: page().dataset.zone }, "#schools-open"); }
    else if (next) { choose(next.dataset.zoneNext); }
    else if (zone && !held) { choose(zone.dataset.zone); }
  });

  /* ---- drawing a handle ---- */
  function spot(event) { return new DOMPoint(event.clientX, event.clientY).matrixTransform(drawing().getScreenCTM().inverse()); }
  function place(e) {
    const t = e.getAttribute("transform").match(/translate\(([-\d.]+)[ ,]([-\d.]+)\)/);
    return { x: Number(t[1]), y: Number(t[2]) };
  }
  document.addEventListener("pointerdown", (event) => {
    const pull = event.target.closest && event.target.closest(".pull-point");
    if (!pull || event.button !== 0) { return; }
    event.preventDefault();
    pull.focus({ preventScroll: true });
    held = { pull: pull, from: spot(event), at: spot(event), was: place(pull), now: place(pull) };
    pull.setPointerCapture(event.pointerId);
  });
  document.addEventListener("pointermove", (event) => {
    if (held) { follow(spot(event)); }
  });
  function follow(at) {
    held.at = at;
    held.now = { x: held.was.x + at.x - held.from.x, y: held.was.y + at.y - held.from.y };
    held.pull.setAttribute("transform", "translate(" + held.now.x + " " + held.now.y + ")");
  }
  /* An answer that comes while a handle is held shows it where it lay before; the hand goes on with it. */
  document.addEventListener("htmx:afterSettle", () => {
    const of = held && held.pull.dataset;
    const pull = held && window.scree.present(held.pull, '.pull-point[data-of="' + of.of + '"][data-handle="' + of.handle + '"]');
    if (!held || pull === held.pull) { return; }
    held = pull && Object.assign(held, { pull: pull, was: place(pull) });
    if (held) { follow(held.at); }
  });
  document.addEventListener("pointerup", () => {
    if (!held) { return; }
    const h = held;
    setTimeout(() => { held = null; }, 0);
    move(h.pull, h.now.x - h.was.x, h.now.y - h.was.y);
  });
  document.addEventListener("pointercancel", () => {
    if (held) { held.pull.setAttribute("transform", "translate(" + held.was.x + " " + held.was.y + ")"); held = null; }
  });
  function move(pull, dx, dy) {
    if (Math.abs(dx) + Math.abs(dy) < 0.5) { return; }
    const of = pull.dataset.of.split(".");
    ask("POST", "/move", { area: of[0], side: of[1], handle: pull.dataset.handle, dx: dx / scale(), dy: dy / scale() }, '[data-handle="' + pull.dataset.handle + '"]');
  }
  document.addEventListener("keydown", (event) => {
    const pull = event.target.closest && event.target.closest(".pull-point"), zone = event.target.closest && event.target.closest("#place-drawing .zone");
    const step = event.shiftKey ? 12 : 4;
    const way = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[event.key];
    if (pull && way) { event.preventDefault(); move(pull, way[0], way[1]); return; }
    if (zone && (event.key === "Enter" || event.key === " ")) { event.preventDefault(); event.stopPropagation(); choose(zone.dataset.zone); return; }
    if (!event.target.closest || event.target.closest("input:not([type=range], [type=checkbox], [type=radio]), textarea, select, dialog") || event.altKey) { return; }
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z") { event.preventDefault(); press(event.shiftKey ? "redo" : "undo"); return; }
    if (event.ctrlKey || event.metaKey) { return; }
    if (event.key === "ArrowRight" && !event.target.matches("[type=range]")) { press("next"); }
    else if (event.key === "b") { const all = ["bare", "plan", "lines", "made"]; mode = all[(all.indexOf(mode) + 1) % 4]; show(); }
    else if (event.key === "u") { press("undo"); }
    else if (event.key === "r") { press("redo"); }
  }, true);
  function press(id) { window.scree.press(id); }
  show();
})();
