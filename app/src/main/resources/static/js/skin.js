/* Skin: which part is open, marking spots, touching zones, the layer of what was left out. The server measures. */
(function () {
  "use strict";
  let part = "reading", kind = null, texture = null, layer = false;

  function work() { return document.getElementById("skin-work"); }
  function portrait() { return document.getElementById("portrait"); }
  function show() {
    if (!work() || !portrait()) { return; }
    work().querySelectorAll("[data-part]").forEach((p) => { p.hidden = p.dataset.part !== part; });
    press("[data-tab]", (b) => b.dataset.tab === part);
    press("[data-spot-kind]", (b) => b.dataset.spotKind === kind);
    press("[data-texture]", (b) => b.dataset.texture === texture);
    portrait().classList.toggle("marking", Boolean(kind));
    portrait().classList.toggle("touching", Boolean(texture));
    const image = document.getElementById("left-out"), button = document.getElementById("show-left-out");
    if (image && layer && image.getAttribute("href") !== image.dataset.src) { image.setAttribute("href", image.dataset.src); }
    if (image) { image.classList.toggle("shown", layer); }
    portrait().classList.toggle("with-left-out", layer);
    if (button) { button.setAttribute("aria-pressed", String(layer)); }
  }
  function press(selector, when) {
    work().querySelectorAll(selector).forEach((b) => b.setAttribute("aria-pressed", String(when(b))));
  }
  function post(path, values) {
    window.scree.send({ verb: "POST", path: work().dataset.url + path, values: values, target: "#skin-work" });
  }
  document.addEventListener("click", (event) => {
    const on = (selector) => event.target.closest && event.target.closest(selector);
    if (!work()) { return; }
    if (on("[data-tab]")) { part = on("[data-tab]").dataset.tab; kind = null; texture = null; show(); }
    else if (on("[data-spot-kind]")) { const k = on("[data-spot-kind]").dataset.spotKind; kind = kind === k ? null : k; texture = null; show(); }
    else if (on("[data-texture]")) { const t = on("[data-texture]").dataset.texture; texture = texture === t ? null : t; kind = null; show(); }
    else if (on("#show-left-out")) { layer = !layer; show(); }
  });
  /* While marking or touching, a tap on the picture is not a drag. */
  document.addEventListener("pointerdown", (event) => {
    const inside = event.target.closest && event.target.closest("#portrait");
    if (!inside || event.button !== 0 || (!kind && !texture)) { return; }
    event.preventDefault();
    event.stopImmediatePropagation();
    if (kind) {
      const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(portrait().getScreenCTM().inverse());
      const scale = Number(portrait().dataset.scale);
      const values = { kind: kind, x: at.x / scale, y: at.y / scale };
      kind = null;
      post("/spot", values);
    } else {
      const zone = event.target.closest("[data-zone]");
      if (zone) { post("/touch", { zone: zone.dataset.zone, side: zone.dataset.side, texture: texture }); }
    }
  }, true);
  document.addEventListener("keydown", (event) => {
    if (!work() || !event.target.closest) { return; }
    const spot = event.target.closest("#portrait [data-spot]"), zone = event.target.closest("#portrait [data-zone]");
    if (spot && (event.key === "Delete" || event.key === "Backspace")) { event.preventDefault(); post("/spot/remove", { spot: spot.dataset.spot }); }
    else if (zone && texture && (event.key === "Enter" || event.key === " ")) { event.preventDefault(); event.stopImmediatePropagation(); post("/touch", { zone: zone.dataset.zone, side: zone.dataset.side, texture: texture }); }
    else if (event.key === "Escape" && (kind || texture)) { kind = null; texture = null; show(); }
  }, true);
  document.addEventListener("htmx:afterSwap", show);
  show();
})();
