/* The Face page: runs the vendored first guess, moves points with pointer and keys, shows a lens. The server measures. */
(function () {
  "use strict";
  const page = document.getElementById("face");
  if (!page || !document.getElementById("stack")) { return; }
  const stack = document.getElementById("stack");
  const url = page.dataset.url, scale = Number(page.dataset.scale);
  const left = Number(page.dataset.left), top = Number(page.dataset.top), wide = Number(page.dataset.wide), tall = Number(page.dataset.tall);
  const REACH = 26, ZOOM = 2.4;
  /* Mouth corners and lids are only worth moving under a magnifier; under it the hand is slowed. */
  const FINE = /^(MOUTH|LID_UP|LID_LOW)\b/, FINE_ZOOM = 5, FINE_HAND = 0.4;
  let held = null;

  const map = () => document.getElementById("face-drawing");
  const drawing = () => stack.querySelector("svg.portrait");
  function spot(event) {
    return new DOMPoint(event.clientX, event.clientY).matrixTransform(drawing().getScreenCTM().inverse());
  }
  function place(dot) {
    const t = dot.getAttribute("transform").match(/translate\(([-\d.]+)[ ,]([-\d.]+)\)/);
    return { x: Number(t[1]), y: Number(t[2]) };
  }

  /* ---- posting: every wish counts, in order ---- */
  function post(path, values, focus) {
    window.scree.send({ verb: "POST", path: url + path, values: values, target: "#face-side", then: () => {
      if ((path === "/guess" || path === "/template") && !document.querySelector("#face-side [role=alert]")) { window.scree.renew(location.pathname); return; }
      guides();
      if (focus && map()) {
        const next = map().querySelector('[data-point="' + focus + '"]');
        if (next) { next.focus({ preventScroll: true }); }
      }
    } });
  }
  document.addEventListener("htmx:afterSettle", () => { guides(); keepAhead(); keepHeld(); const seen = document.querySelector(".seen"); if (seen) { seen.open = seenOpen; } });
  let seenOpen = false;
  document.addEventListener("toggle", (event) => { if (event.target.matches && event.target.matches(".seen") && event.target.isConnected) { seenOpen = event.target.open; } }, true);

  /* ---- the lens ---- */
  const lens = document.getElementById("lens");
  function fine(dot) { return Boolean(dot) && FINE.test(dot.dataset.point); }
  function look(x, y, dot) {
    const zoom = fine(dot) ? FINE_ZOOM : ZOOM;
    lens.removeAttribute("hidden");
    const aside = x > wide / 2 ? Math.max(70, x - 120) : Math.min(wide - 70, x + 120);
    const over = Math.min(tall - 70, Math.max(70, y - 90));
    document.getElementById("lens-at").setAttribute("transform", "translate(" + aside + " " + over + ")");
    const image = document.getElementById("lens-picture"), shown = document.getElementById("face-picture");
    image.setAttribute("width", Number(shown.getAttribute("width")) * zoom);
    image.setAttribute("height", Number(shown.getAttribute("height")) * zoom);
    image.setAttribute("x", (left - x) * zoom);
    image.setAttribute("y", (top - y) * zoom);
  }
  function blink() { lens.setAttribute("hidden", ""); }

  /* ---- dragging: the nearest point within reach is taken ---- */
  function nearest(at) {
    let best = null, least = REACH;
    if (map()) {
      map().querySelectorAll(".spot").forEach((dot) => {
        const p = place(dot), d = Math.hypot(p.x - at.x, p.y - at.y);
        if (d < least) { least = d; best = dot; }
      });
    }
    return best;
  }
  stack.addEventListener("pointerdown", (event) => {
    if (event.button !== 0 || event.target.closest("button")) { return; }
    if (tapping) { event.preventDefault(); tap(spot(event)); return; }
    const at = spot(event), dot = nearest(at);
    if (!dot) { return; }
    event.preventDefault();
    dot.focus({ preventScroll: true });
    const p = place(dot);
    held = { dot: dot, from: at, at: at, was: p, now: p };
    stack.setPointerCapture(event.pointerId);
    dot.classList.add("moving");
    look(p.x, p.y, dot);
  });
  stack.addEventListener("pointermove", (event) => {
    if (held) { follow(spot(event)); }
  });
  function follow(at) {
    const slow = fine(held.dot) ? FINE_HAND : 1;
    held.at = at;
    held.now = { x: held.was.x + slow * (at.x - held.from.x), y: held.was.y + slow * (at.y - held.from.y) };
    held.dot.setAttribute("transform", "translate(" + held.now.x.toFixed(1) + " " + held.now.y.toFixed(1) + ")");
    look(held.now.x, held.now.y, held.dot);
  }
  /* An answer that comes while a point is held shows it where it lay before; the hand goes on with it. */
  function keepHeld() {
    const dot = held && window.scree.present(held.dot, '#face-drawing [data-point="' + held.dot.dataset.point + '"]');
    if (!held || dot === held.dot) { return; }
    if (!dot) { held = null; blink(); return; }
    held.dot = dot;
    held.was = place(dot);
    dot.classList.add("moving");
    follow(held.at);
  }
  stack.addEventListener("pointerup", (event) => {
    if (!held) { return; }
    const h = held;
    held = null;
    blink();
    h.dot.classList.remove("moving");
    const dx = h.now.x - h.was.x, dy = h.now.y - h.was.y;
    if (Math.abs(dx) + Math.abs(dy) > 0.3) { send(h.dot.dataset.point, dx, dy, event.altKey || event.shiftKey); }
  });
  stack.addEventListener("pointercancel", () => {
    if (held) { held.dot.setAttribute("transform", "translate(" + held.was.x + " " + held.was.y + ")"); held = null; blink(); }
  });
  function send(point, dx, dy, alike) {
    post("/point", { point: point, dx: dx / scale, dy: dy / scale, alike: Boolean(alike) }, point);
  }

  /* ---- keys ---- */
  let away = null;
  document.addEventListener("keydown", (event) => {
    const dot = event.target.closest && event.target.closest("#face-drawing .spot");
    if (dot) {
      const step = (event.ctrlKey ? 0.3 : event.shiftKey ? 6 : 1.2) * (fine(dot) ? FINE_HAND : 1);
      const move = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[event.key];
      if (move) {
        event.preventDefault();
        const point = dot.dataset.point;
        if (away && away.point !== point) { moved(); }
        const start = away || { dx: 0, dy: 0, timer: null };
        away = { point: point, dx: start.dx + move[0], dy: start.dy + move[1], alike: event.altKey, timer: null };
        clearTimeout(start.timer);
        const p = ahead(dot, move[0], move[1]);
        look(p.x, p.y, dot);
        away.timer = setTimeout(moved, 160);
        return;
      }
    }
    if (event.target.closest("input:not([type=range], [type=checkbox], [type=radio]), textarea, select, dialog") || event.altKey) { return; }
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z") {
      event.preventDefault();
      press(event.shiftKey ? "redo" : "undo");
    }
    if (event.ctrlKey || event.metaKey) { return; }
    if (event.key === "u") { press("undo"); }
    else if (event.key === "r") { press("redo"); }
    else if (event.key === "y") { press("confirm"); }
    else if (event.key === "f") { press("guess"); }
    else if (event.key === "h") { press("by-hand"); }
    else if (event.key === "Escape") { stopTaps(); blink(); }
    else if (tapping && ["ArrowLeft", "ArrowRight", "ArrowUp", "ArrowDown", "Enter"].includes(event.key)) { event.preventDefault(); steer(event); }
  });
  /* Keys that were pressed one after the other are one move; what is pressed next comes after it. */
  function moved() {
    const a = away;
    away = null;
    clearTimeout(a.timer);
    blink();
    send(a.point, a.dx, a.dy, a.alike);
  }
  /* Shows a dot where it will lie once it is sent, and returns where. */
  function ahead(dot, dx, dy) {
    const p = place(dot);
    dot.dataset.ahead = "yes";
    dot.setAttribute("transform", "translate(" + (p.x + dx) + " " + (p.y + dy) + ")");
    return { x: p.x + dx, y: p.y + dy };
  }
  /* An answer that comes while keys go on shows the point where it lay before them. */
  function keepAhead() {
    const dot = away && map() && map().querySelector('[data-point="' + away.point + '"]:not([data-ahead])');
    if (dot) { ahead(dot, away.dx, away.dy); }
  }
  function press(id) { if (away) { moved(); } window.scree.press(id); }

  /* ---- lines on and off ---- */
  const shown = new Set();
  document.querySelectorAll("[data-guide]").forEach((b) => b.addEventListener("click", () => {
    const kind = b.dataset.guide;
    if (!shown.delete(kind)) { shown.add(kind); }
    b.setAttribute("aria-pressed", String(shown.has(kind)));
    guides();
  }));
  function guides() {
    if (map()) { map().querySelectorAll(".guide").forEach((g) => g.classList.toggle("shown", [...shown].some((k) => g.classList.contains(k)))); }
  }

  /* ---- by hand: three taps, or arrows and Enter ---- */
  const ASKED = ["first", "second", "third"];
  let tapping = null, cursor = null;
  function ask(which) {
    const words = document.getElementById("taps-words");
    words.textContent = words.dataset[which];
  }
  function startTaps() {
    tapping = [];
    cursor = { x: wide * 0.42, y: tall * 0.39 };
    document.getElementById("taps").removeAttribute("hidden");
    ask(ASKED[0]);
    stack.classList.add("tapping");
    look(cursor.x, cursor.y);
  }
  function stopTaps() {
    tapping = null;
    stack.classList.remove("tapping");
    document.getElementById("taps").setAttribute("hidden", "");
    blink();
  }
  function tap(at) {
    tapping.push(at);
    if (tapping.length < 3) {
      ask(ASKED[tapping.length]);
      cursor = tapping.length === 1 ? { x: wide - at.x, y: at.y } : { x: wide / 2, y: tall * 0.7 };
      look(cursor.x, cursor.y);
      return;
    }
    const taps = tapping.map((p) => ((p.x - left) / scale).toFixed(2) + "," + ((p.y - top) / scale).toFixed(2)).join(",");
    stopTaps();
    post("/template", { taps: taps });
  }
  function steer(event) {
    const step = event.shiftKey ? 12 : 3;
    if (event.key === "Enter") { tap(cursor); return; }
    cursor.x += event.key === "ArrowLeft" ? -step : event.key === "ArrowRight" ? step : 0;
    cursor.y += event.key === "ArrowUp" ? -step : event.key === "ArrowDown" ? step : 0;
    look(cursor.x, cursor.y);
  }
  document.getElementById("by-hand").addEventListener("click", (event) => { event.currentTarget.blur(); startTaps(); });
  document.getElementById("taps-stop").addEventListener("click", stopTaps);

  /* ---- the first guess, on this machine ---- */
  const LIMIT = 20000;
  let run = 0;
  const waiting = document.getElementById("finding-face");
  async function guess() {
    const mine = ++run;
    const shower = setTimeout(() => waiting.removeAttribute("hidden"), 300);
    const late = new Promise((resolve, reject) => setTimeout(() => reject(new Error("late")), LIMIT));
    try {
      const result = await Promise.race([window.firstGuess(document.getElementById("face-picture").getAttribute("href")), late]);
      if (mine !== run) { return; }
      post("/guess", { search: JSON.stringify(result) });
    } catch (e) {
      if (mine === run) { startTaps(); ask("failed"); }
    } finally {
      clearTimeout(shower);
      waiting.setAttribute("hidden", "");
    }
  }
  document.getElementById("guess").addEventListener("click", guess);
  document.getElementById("guess-stop").addEventListener("click", () => { run++; waiting.setAttribute("hidden", ""); });
  // when every script of the page is there, in whatever order they come
  if (page.dataset.empty === "true" && !location.search.includes("byhand")) { document.addEventListener("DOMContentLoaded", guess); }
})();
