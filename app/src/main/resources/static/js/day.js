/* The day: stones are dragged to another time or artist, or moved by keys. The server says what would follow. */
(function () {
  "use strict";
  const NS = "http://www.w3.org/2000/svg";
  const SLOT = 5;
  let drag = null, swallow = false;

  function event(of) { return of.closest(".event-day"); }
  function at(e, svg) {
    const p = svg.createSVGPoint();
    p.x = e.clientX; p.y = e.clientY;
    return p.matrixTransform(svg.getScreenCTM().inverse());
  }
  function rows(svg) { return Array.from(svg.querySelectorAll(".row")); }
  function row(svg, y) {
    return rows(svg).reduce((best, r) => Math.abs(Number(r.dataset.y) + 56 - y) < Math.abs(Number(best.dataset.y) + 56 - y) ? r : best);
  }
  function ask(seat, artist, minute) {
    const day = event(seat), id = seat.dataset.sitting;
    window.scree.send({
      verb: "POST", path: day.dataset.url + "/move", target: "#" + day.id,
      values: { sitting: id, artist: artist, minute: Math.max(0, minute) }, focus: '[data-sitting="' + id + '"] .sitting'
    });
  }
  /* Where a stone would lie: its first minute in steps of five, and the artist whose bed is nearest. */
  function place(e) {
    const svg = drag.seat.ownerSVGElement, now = at(e, svg), day = event(drag.seat);
    const per = Number(day.dataset.perMinute);
    const minute = Number(drag.seat.dataset.minute) + (now.x - drag.from.x) / per;
    return { minute: Math.round(minute / SLOT) * SLOT, row: row(svg, Number(drag.seat.dataset.y) + 56 + now.y - drag.from.y) };
  }
  function mark(e) {
    const svg = drag.seat.ownerSVGElement, day = event(drag.seat), to = place(e);
    const edge = drag.seat.querySelector(".edge");
    let drop = svg.querySelector(".drop");
    if (!drop) {
      drop = document.createElementNS(NS, "path");
      drop.setAttribute("class", "drop");
      svg.appendChild(drop);
    }
    const dx = (to.minute - Number(drag.seat.dataset.minute)) * Number(day.dataset.perMinute);
    drop.setAttribute("d", edge.getAttribute("d"));
    drop.setAttribute("transform", "translate(" + dx.toFixed(1) + " " + (Number(to.row.dataset.y) - Number(drag.seat.dataset.y)) + ")");
  }
  function end() {
    if (!drag) { return; }
    drag.seat.classList.remove("dragged");
    const drop = drag.seat.ownerSVGElement && drag.seat.ownerSVGElement.querySelector(".drop");
    if (drop) { drop.remove(); }
    drag = null;
  }
  /* Whether a stone can be moved. */
  function open(stone) {
    return !event(stone).classList.contains("proposed") && !/begun|done/.test(stone.getAttribute("class"));
  }
  /* Returns whether the stone is still there to be moved: an answer may have come while it was held. */
  function stay() {
    const seat = window.scree.present(drag.seat, '.seat[data-sitting="' + drag.seat.dataset.sitting + '"]');
    drag = seat && open(seat.querySelector(".sitting")) ? Object.assign(drag, { seat: seat }) : null;
    return Boolean(drag);
  }
  document.addEventListener("pointerdown", (e) => {
    const stone = e.target.closest && e.target.closest(".seat .sitting");
    if (stone && open(stone) && e.button === 0) {
      const seat = stone.closest(".seat");
      drag = { seat: seat, from: at(e, seat.ownerSVGElement), x: e.clientX, y: e.clientY, moved: false, id: e.pointerId };
    }
  });
  document.addEventListener("pointermove", (e) => {
    if (!drag || e.pointerId !== drag.id || !stay()) { return; }
    if (Math.hypot(e.clientX - drag.x, e.clientY - drag.y) > 8) { drag.moved = true; }
    if (drag.moved) { drag.seat.classList.add("dragged"); mark(e); }
  });
  document.addEventListener("pointerup", (e) => {
    if (!drag || e.pointerId !== drag.id || !stay()) { return; }
    if (drag.moved) {
      const to = place(e), seat = drag.seat;
      swallow = true;
      setTimeout(() => { swallow = false; }, 0);
      if (to.minute !== Number(seat.dataset.minute) || to.row.dataset.artist !== seat.dataset.artist) {
        ask(seat, to.row.dataset.artist, to.minute);
      }
    }
    end();
  });
  document.addEventListener("pointercancel", end);
  document.addEventListener("dragstart", (e) => { if (e.target.closest && e.target.closest(".seat")) { e.preventDefault(); } });
  document.addEventListener("click", (e) => {
    if (swallow && e.target.closest(".seat")) { e.stopPropagation(); e.preventDefault(); }
  }, true);

  function button(name) {
    const asked = document.querySelector(".event-day.proposed");
    return (asked || document).querySelector('[data-day="' + name + '"]');
  }
  function press(name) { const b = button(name); if (b && !b.disabled) { b.click(); return true; } return false; }
  /* Keys on a stone: < and > five minutes, with Shift the artist before or after. */
  function step(seat, minutes) { ask(seat, seat.dataset.artist, Number(seat.dataset.minute) + minutes); }
  function other(seat, by) {
    const all = rows(seat.ownerSVGElement), now = all.findIndex((r) => r.dataset.artist === seat.dataset.artist);
    const to = all[now + by];
    if (to) { ask(seat, to.dataset.artist, Number(seat.dataset.minute)); }
  }
  document.addEventListener("keydown", (e) => {
    if (!document.querySelector(".event-day") || !e.target.closest || e.target.closest("input, textarea, select, dialog")) { return; }
    if (e.ctrlKey || e.metaKey) {
      if (e.key.toLowerCase() === "z" && press("undo")) { e.preventDefault(); }
      return;
    }
    if (e.altKey) { return; }
    const stone = e.target.closest(".seat .sitting");
    const asked = document.querySelector(".event-day.proposed");
    if (asked && e.key === "Escape") { e.preventDefault(); press("leave"); return; }
    if (asked && e.key.toLowerCase() === "y") { press("take"); return; }
    if (stone && !asked && !/begun|done/.test(stone.getAttribute("class"))) {
      const seat = stone.closest(".seat");
      const by = { ArrowLeft: () => step(seat, -SLOT), ArrowRight: () => step(seat, SLOT), ArrowUp: () => other(seat, -1), ArrowDown: () => other(seat, 1) }[e.key];
      if (by) { e.preventDefault(); by(); return; }
    }
    const key = e.key.toLowerCase();
    if (key === "p") { press("plan"); }
    else if (key === "n" && press("add")) { e.preventDefault(); }
    else if (key === "u") { press("undo"); }
    else if (key === "[" || key === "]") {
      const link = document.querySelector('.days [data-key="' + key + '"]');
      if (link) { link.click(); }
    }
  });
  document.addEventListener("change", (e) => {
    if (e.target.matches("[data-submit-on-change]") && e.target.value) { e.target.form.requestSubmit(); }
  });
  document.addEventListener("htmx:afterSettle", () => {
    const board = document.querySelector(".asked-board h3, .desk h3");
    if (board && !board.dataset.seen) {
      board.dataset.seen = "yes";
      if (!document.activeElement || document.activeElement === document.body) { board.focus({ preventScroll: false }); }
      board.scrollIntoView({ block: "nearest" });
    }
    const find = document.getElementById("choose-find");
    if (find && !find.dataset.seen) { find.dataset.seen = "yes"; find.focus(); }
  });
})();
