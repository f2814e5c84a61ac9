/* The Colour page: which light, bare or made up, and keys. The server chooses and paints. */
(function () {
  "use strict";
  if (!document.getElementById("colour")) { return; }
  const event = document.querySelector("[data-event-light]");
  const seenIn = { OFFICE: "COOL_LAMP", WARM_STAGE: "WARM_LAMP", FLASH: "FLASH" };
  let light = (event && seenIn[event.dataset.eventLight]) || "DAYLIGHT", bare = false;

  function show() {
    const made = document.getElementById("colour-made"), page = document.getElementById("colour");
    if (!made) { return; }
    const src = page.dataset.url + "/made.jpg?light=" + light + "&v=" + page.dataset.version;
    if (made.getAttribute("href") !== src) { made.setAttribute("href", src); }
    made.style.visibility = bare ? "hidden" : "visible";
    document.querySelectorAll("[data-colour-light]").forEach((b) => b.setAttribute("aria-pressed", String(b.dataset.colourLight === light)));
    document.querySelectorAll("[data-colour-mode]").forEach((b) => b.setAttribute("aria-pressed", String((b.dataset.colourMode === "bare") === bare)));
  }
  document.addEventListener("htmx:afterSettle", show);
  document.addEventListener("click", (e) => {
    const l = e.target.closest("[data-colour-light]"), m = e.target.closest("[data-colour-mode]");
    if (l) { light = l.dataset.colourLight; show(); }
    if (m) { bare = m.dataset.colourMode === "bare"; show(); }
  });
  function press(id) { window.scree.press(id); }
  function family(step) {
    const row = document.querySelector(".family-row");
    const all = row ? Array.from(row.querySelectorAll(".family-stone")) : [];
    const at = all.findIndex((b) => b.getAttribute("aria-pressed") === "true");
    const to = all[(at + step + all.length) % all.length];
    if (to) { to.click(); }
  }
  document.addEventListener("keydown", (e) => {
    if (!e.target.closest || e.target.closest("input, textarea, select, dialog") || e.altKey) { return; }
    if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === "z") { e.preventDefault(); press(e.shiftKey ? "redo" : "undo"); return; }
    if (e.ctrlKey || e.metaKey) { return; }
    if (e.key === "ArrowRight") { family(1); }
    else if (e.key === "ArrowLeft") { family(-1); }
    else if (e.key === "b") { bare = !bare; show(); }
    else if (e.key === "u") { press("undo"); }
    else if (e.key === "r") { press("redo"); }
  });
  show();
})();
