/* The Order page: stones are dragged to another place in the course, or moved by keys. The server times and judges. */
(function () {
  "use strict";
  if (!document.getElementById("order")) { return; }
  const NS = "http://www.w3.org/2000/svg";
  let drag = null, focusAt = null;
  function stones() { return Array.from(document.querySelectorAll(".order-stone")); }
  function line() { return document.getElementById("order-line"); }
  function at(e) {
    const svg = line(), p = svg.createSVGPoint();
    p.x = e.clientX; p.y = e.clientY;
    return p.matrixTransform(svg.getScreenCTM().inverse()).x;
  }
  /* The place among the others: how many of them have their middle before. */
  function placeAt(x, stone) {
    return stones().filter((s) => s !== stone && Number(s.dataset.x) < x).length;
  }
  function mark(x) {
    let drop = document.querySelector(".order-drop");
    if (!drop) {
      drop = document.createElementNS(NS, "path");
      drop.setAttribute("class", "order-drop");
      line().appendChild(drop);
    }
    drop.setAttribute("d", "M" + x.toFixed(1) + " 4V200");
  }
  function post(stone, to) {
    const code = stone.dataset.stone;
    window.scree.send({
      verb: "POST", path: document.getElementById("order").dataset.url + "/move", target: "#order",
      values: { step: code, to: to }, focus: '[data-step="' + code + '"]'
    });
  }
  function end() {
    if (!drag) { return; }
    drag.stone.classList.remove("dragged");
    const drop = document.querySelector(".order-drop");
    if (drop) { drop.remove(); }
    drag = null;
  }
  document.addEventListener("pointercancel", end);
  /* Returns whether the stone is still there: an answer may have come while it was held. */
  function stay() {
    const stone = window.scree.present(drag.stone, '[data-stone="' + drag.stone.dataset.stone + '"]');
    drag = stone && Object.assign(drag, { stone: stone });
    return Boolean(drag);
  }
  document.addEventListener("pointerdown", (e) => {
    const stone = e.target.closest(".order-stone");
    if (stone && e.button === 0) { drag = { stone: stone, from: e.clientX, moved: false, id: e.pointerId }; }
  });
  document.addEventListener("pointermove", (e) => {
    if (!drag || e.pointerId !== drag.id || !stay()) { return; }
    if (Math.abs(e.clientX - drag.from) > 8) { drag.moved = true; }
    if (drag.moved) { drag.stone.classList.add("dragged"); mark(at(e)); }
  });
  document.addEventListener("pointerup", (e) => {
    if (!drag || e.pointerId !== drag.id || !stay()) { return; }
    const done = drag;
    end();
    if (done.moved) {
      const to = placeAt(at(e), done.stone);
      if (to !== Number(done.stone.dataset.place)) { post(done.stone, to); }
      swallow = true;
      setTimeout(() => { swallow = false; }, 0);
    }
  });
  let swallow = false;
  document.addEventListener("click", (e) => {
    if (swallow && e.target.closest(".order-stone")) { e.stopPropagation(); e.preventDefault(); }
  }, true);
  function press(id) { window.scree.press(id); }
  function go(step) {
    const all = stones();
    const now = all.findIndex((s) => s.classList.contains("chosen"));
    const to = all[Math.max(0, Math.min(all.length - 1, now + step))];
    if (to && to !== all[now]) { focusAt = to.dataset.stone; htmx.trigger(to, "click"); }
  }
  document.addEventListener("htmx:afterSettle", () => {
    if (focusAt) {
      const row = document.querySelector('[data-step="' + focusAt + '"]');
      if (row) { row.focus({ preventScroll: true }); row.scrollIntoView({ block: "nearest" }); }
      focusAt = null;
    }
  });
  document.addEventListener("keydown", (e) => {
    if (!e.target.closest || e.target.closest("input, textarea, select, dialog") || e.altKey) { return; }
    if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === "z") { e.preventDefault(); press(e.shiftKey ? "redo" : "undo"); return; }
    if (e.ctrlKey || e.metaKey) { return; }
    if (e.key === "ArrowRight" || e.key === "ArrowDown") { e.preventDefault(); go(1); }
    else if (e.key === "ArrowLeft" || e.key === "ArrowUp") { e.preventDefault(); go(-1); }
    else if (e.key === "<" || e.key === ",") { const s = document.querySelector(".order-stone.chosen"); focusAt = s && s.dataset.stone; press("earlier"); }
    else if (e.key === ">" || e.key === ".") { const s = document.querySelector(".order-stone.chosen"); focusAt = s && s.dataset.stone; press("later"); }
    else if (e.key.toLowerCase() === "u") { press("undo"); }
  });
})();
