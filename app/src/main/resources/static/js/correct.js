/* The Correct page: tapped layers show the colour with them on; keys go from mark to mark. The server plans and draws. */
(function () {
  "use strict";
  if (!document.getElementById("correct")) { return; }
  function see(slice) {
    const now = document.getElementById("seen-now");
    if (!now) { return; }
    const on = slice && slice.classList.contains("seen") ? null : slice;
    document.querySelectorAll(".slice.seen").forEach((s) => s.classList.remove("seen"));
    if (on) { on.classList.add("seen"); }
    now.setAttribute("fill", on ? on.dataset.seen : now.dataset.done);
  }
  function rows() { return Array.from(document.querySelectorAll("[data-row]")); }
  function go(step) {
    const all = rows();
    const at = all.findIndex((r) => r.getAttribute("aria-expanded") === "true");
    const to = all[Math.max(0, Math.min(all.length - 1, at + step))];
    if (to && to !== all[at]) { focusKey = to.dataset.row; to.click(); }
  }
  let focusKey = null, mode = "marks";
  function show() {
    const made = document.getElementById("correct-made"), drawing = document.getElementById("correct-drawing");
    if (!drawing) { return; }
    if (!made) { mode = "marks"; }
    drawing.classList.toggle("no-marks", mode !== "marks");
    if (made) {
      if (mode === "made" && made.getAttribute("href") !== made.dataset.src) { made.setAttribute("href", made.dataset.src); }
      made.style.visibility = mode === "made" ? "visible" : "hidden";
    }
    document.querySelectorAll("[data-correct-mode]").forEach((b) => b.setAttribute("aria-pressed", String(b.dataset.correctMode === mode)));
  }
  function nextMode() {
    const all = ["marks", "bare", "made"];
    mode = all[(all.indexOf(mode) + 1) % all.length];
    show();
  }
  function press(id) { window.scree.press(id); }
  /* A layer that is worked on stays open through the answers. */
  const opened = new Set();
  document.addEventListener("toggle", (e) => {
    const layer = e.target;
    if (!layer.isConnected || !layer.matches("details[data-shown]")) { return; }
    if (layer.open) { opened.add(layer.dataset.shown); } else { opened.delete(layer.dataset.shown); }
  }, true);
  document.addEventListener("htmx:afterSettle", () => {
    show();
    document.querySelectorAll("details[data-shown]").forEach((layer) => { layer.open = opened.has(layer.dataset.shown); });
    if (focusKey) {
      const row = document.querySelector('[data-row="' + focusKey + '"]');
      if (row) { row.focus(); row.scrollIntoView({ block: "nearest" }); }
      focusKey = null;
    }
  });
  document.addEventListener("click", (e) => {
    const slice = e.target.closest(".slice");
    if (slice) { see(slice); }
    const m = e.target.closest("[data-correct-mode]");
    if (m) { mode = m.dataset.correctMode; show(); }
  });
  show();
  document.addEventListener("keydown", (e) => {
    if (!e.target.closest || e.target.closest("input, textarea, select, dialog") || e.altKey) { return; }
    if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === "z") { e.preventDefault(); press(e.shiftKey ? "redo" : "undo"); return; }
    if (e.ctrlKey || e.metaKey) { return; }
    const slice = e.target.closest(".slice");
    if (slice && (e.key === "Enter" || e.key === " ")) { e.preventDefault(); see(slice); return; }
    if (e.key === "ArrowDown") { e.preventDefault(); go(1); }
    else if (e.key === "ArrowUp") { e.preventDefault(); go(-1); }
    else if (e.key === "b") { nextMode(); }
    else if (e.key === "l") { press("leave"); }
    else if (e.key === "s") {
      const other = document.querySelector('[data-school][aria-pressed="false"]');
      if (other) { other.click(); }
    }
    else if (e.key === "u") { press("undo"); }
    else if (e.key === "r") { press("redo"); }
  });
})();
