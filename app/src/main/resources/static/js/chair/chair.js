/* The chair: shows one step at a time and takes what hands tell. What is right to do, in which order and what follows from a difference
   comes with the page; here it is only shown. Notes and the server's time are link.js's, the clocks' figures clocks.js's. */
(function () {
  "use strict";
  const chair = document.getElementById("chair");
  if (!chair) { return; }
  const S = JSON.parse(chair.dataset.script), W = S.words;
  const $ = (id) => document.getElementById(id);
  const say = window.chairSay;
  const TWICE = 700, TICK = 250, SAID = 6000, MOMENT = 600;
  const leg = {}, name = {};
  S.steps.forEach((s) => { leg[s.code] = s; name[s.code] = s.name; });
  const link = window.chairLink(S, {
    url: chair.dataset.url,
    artist: (document.querySelector('meta[name="artist"]') || {}).content || "",
    csrf: document.querySelector('meta[name="csrf"]').dataset,
    tell: $("chair-link"),
    changed: show,
    offered: offer,
    pictureRefused: () => told($("chair-file").dataset.refused, true),
    atRest: () => !document.querySelector(".chair-panel:not([hidden])")
  });
  const now = link.now, all = link.all, note = link.note;
  const clocks = window.chairClocks(S), tablet = window.chairTablet;

  // ---- the offer of a newer plan ----
  function offer(words) {
    const box = $("chair-offer");
    box.querySelector("[data-offer]").textContent = words;
    box.hidden = !words || box.dataset.kept === words;
  }
  $("chair-keep").addEventListener("click", () => {
    const box = $("chair-offer");
    box.dataset.kept = box.querySelector("[data-offer]").textContent;
    box.hidden = true;
  });

  // ---- showing ----
  let p = null, shown = null, shownDone = "";
  function show() {
    p = window.chairProgress(S, S.begun, all().filter((n) => n.at >= S.begun && !n.refused));
    const code = p.current;
    const at = code || "end";
    if (at !== shown) {
      shown = at;
      chair.dataset.at = at;
      document.querySelectorAll(".chair-step").forEach((a) => { a.hidden = a.dataset.step !== code; });
      $("chair-end").hidden = Boolean(code);
      light(code);
      alarmed = null;
    }
    mend(code);
    fit();
    course(code);
    const next = S.steps.find((s) => p.states[s.code].stand === "TO_COME" && s.code !== code);
    const label = document.querySelector("#chair-done b");
    label.textContent = code ? label.dataset.done : label.dataset.finish;
    $("chair-next").textContent = !code ? "" : next ? say(W.next, next.shortly.toLowerCase()) : W.last;
    $("chair-done").disabled = !code && p.finished !== null;
    $("chair-pause").textContent = $("chair-pause").dataset[p.paused === null ? "off" : "on"];
    $("chair-back").disabled = !lastEnded();
    $("chair-pause").hidden = !code;
    $("chair-different").hidden = !code;
    if (!code) { ended(); }
    link.tell();
    tick();
  }
  function light(code) {
    const lit = $("chair-lit");
    lit.textContent = "";
    let any = false;
    document.querySelectorAll(".step-shapes").forEach((g) => {
      g.toggleAttribute("hidden", g.dataset.shapes !== code);
      g.style.display = g.dataset.shapes === code ? "" : "none";
      if (g.dataset.shapes === code) {
        g.querySelectorAll(".lit-edge").forEach((e) => { lit.appendChild(e.cloneNode()); any = true; });
      }
    });
    $("chair-veil").style.display = any ? "" : "none";
  }
  function course(code) {
    const done = JSON.stringify(S.steps.map((s) => p.states[s.code].stand)) + code + chair.clientWidth;
    if (done === shownDone) { return; }
    shownDone = done;
    const svg = $("chair-stones"), wide = svg.clientWidth || 480, n = S.steps.length;
    const step = Math.min(27, (wide - 12) / n), size = Math.min(1, step / 24);
    svg.textContent = "";
    S.steps.forEach((s, i) => {
      const dot = document.createElementNS("http://www.w3.org/2000/svg", "path");
      const large = s.code === code ? 1.25 : 0.9;
      dot.setAttribute("d", document.querySelector('[data-step="' + s.code + '"]').dataset.dot);
      dot.setAttribute("transform", "translate(" + (8 + i * step - 11 * (size * large - size)) + " " + (15 - 11 * size * large) + ") scale(" + size * large + ")");
      dot.setAttribute("class", s.code === code ? "now" : p.states[s.code].stand === "TO_COME" ? "ahead" : "done");
      svg.appendChild(dot);
    });
    const index = code ? S.steps.findIndex((s) => s.code === code) + 1 : n;
    $("chair-of").textContent = say(W.of, index, n);
    document.querySelectorAll("[data-go]").forEach((b) => {
      const state = p.states[b.dataset.go];
      b.classList.toggle("now", b.dataset.go === code);
      b.querySelector(".state").textContent = (state.stand === "DONE" ? "✓ " : "") + told1(state.different);
    });
  }
  const told1 = (kinds) => Array.from(new Set(kinds)).map((k) => W[k]).filter(Boolean).join(", ");
  function mend(code) {
    if (!code) { return; }
    const box = document.querySelector('[data-step="' + code + '"] [data-mend]');
    const flaws = all().filter((n) => n.step === code && n.kind === "FLAW").sort((a, b) => b.at - a.at);
    const open = p.states[code].stand === "TO_COME" && flaws.length && S.flaws[flaws[0].words];
    box.hidden = !open;
    box.textContent = open ? S.flaws[flaws[0].words].words : "";
  }
  /* What does not fit at its full size is set smaller, before anything has to be scrolled. */
  function fit() {
    const a = document.querySelector(".chair-step:not([hidden])");
    a.classList.remove("tight");
    a.classList.toggle("tight", a.scrollHeight > a.clientHeight + 1);
  }
  function ended() {
    const list = $("chair-end-list"), time1 = $("chair-end-time");
    const sums = clocks.sums(p);
    time1.textContent = say(time1.dataset.words, say(W.minutes, sums.taken), say(W.minutes, sums.planned));
    list.textContent = "";
    S.steps.filter((s) => told1(p.states[s.code].different)).forEach((s) => {
      const li = document.createElement("li");
      const words = all().filter((n) => n.step === s.code && n.words && (n.kind === "NOTE" || n.kind === "OTHER_PRODUCT")).map((n) => n.words);
      li.textContent = s.name + ": " + told1(p.states[s.code].different) + (words.length ? " (" + words.join("; ") + ")" : "");
      list.appendChild(li);
    });
    if (!list.children.length) { const li = document.createElement("li"); li.textContent = list.dataset.none; list.appendChild(li); }
  }

  // ---- clocks ----
  let alarmed = null, waited = null;
  function set(id, text) { const e = $(id); if (e.textContent !== text) { e.textContent = text; } }
  function tick() {
    if (!p) { return; }
    const t = now(), code = p.current;
    const until = code && p.paused === null && !p.ready ? p.settled(code) : null;
    const waits = until !== null && until > t;
    if (waited === code && !waits && code) { alarm(clocks.settled(p, code)); }
    waited = waits ? code : null;
    meanwhile(code, waits, until, t);
    if (!code) {
      const finished = p.finished !== null;
      set("chair-clock", "");
      set("chair-left", finished ? clocks.hour(p.finished) : "");
      set("chair-settling", "");
      set("chair-pace", "");
      fill(1, false);
      return;
    }
    const used = clocks.running(p, code, t);
    const hands = leg[code].hands * 1000;
    const left = hands - used;
    const over = !waits && left < 0;
    set("chair-clock", clocks.text(waits ? until - t : Math.abs(left)));
    $("chair-clock").classList.toggle("over", over);
    const lag = waits ? clocks.lagOf(p, code) : null;
    set("chair-left", p.paused !== null ? W.paused : waits ? clocks.waiting(lag) : over ? W.over : W.left);
    fill(waits ? 1 - (until - t) / (lag.least * 1000) : Math.min(1, used / hands), waits);
    if (over && alarmed !== code && p.paused === null) { alarmed = code; flash(); }
    set("chair-settling", clocks.settling(p, code, t));
    set("chair-pace", clocks.pace(p, code, t));
  }
  function fill(share, waits) {
    const bar = $("chair-fill");
    bar.setAttribute("width", (Math.max(0, Math.min(1, share)) * 99.6) + "%");
    bar.classList.toggle("waits", waits);
  }
  function meanwhile(code, waits, until, t) {
    const box = $("chair-meanwhile"), button = $("chair-other");
    box.hidden = !waits;
    if (!waits) { return; }
    const other = clocks.between(p, code, until, t);
    button.hidden = !other;
    button.dataset.step = other ? other.code : "";
    if (other) { const words = say(box.dataset.words, other.shortly.toLowerCase()); if (button.textContent !== words) { button.textContent = words; } }
    const nothing = box.querySelector("span");
    nothing.textContent = other ? "" : box.dataset.none;
  }
  function flash() {
    chair.classList.add("flash-once");
    setTimeout(() => chair.classList.remove("flash-once"), MOMENT);
    if (localStorage.getItem("chair-sound") === "on") { tablet.sound(); }
  }
  function alarm(words) { told(words); flash(); }
  let saying = null;
  function told(words, lasting) {
    const box = $("chair-said");
    box.textContent = words;
    box.classList.add("shown");
    clearTimeout(saying);
    if (!lasting) { saying = setTimeout(() => box.classList.remove("shown"), SAID); }
  }

  // ---- hands ----
  let pressed = 0;
  /* A press that bounces counts once. */
  function once() {
    const t = performance.now();
    if (t - pressed < TWICE) { return false; }
    pressed = t;
    return true;
  }
  function done() {
    if (!once()) { return; }
    if (p.current) { note("DONE", p.current); } else if (p.finished === null) { note("FINISHED", null); }
  }
  const lastEnded = () => S.steps.map((s) => p.states[s.code]).filter((s) => s.ended !== null).sort((a, b) => b.ended - a.ended)[0];
  function back() {
    const last = lastEnded();
    if (last && once()) { note("BACK", last.code); }
  }
  function pause() { if (p.current) { note(p.paused === null ? "PAUSED" : "RESUMED", null); } }
  function close() {
    document.querySelectorAll(".chair-panel").forEach((x) => { x.hidden = true; });
    chair.focus({ preventScroll: true });
  }
  function open(id) {
    close();
    $(id).hidden = false;
    const first = $(id).querySelector("textarea, button:not([hidden])");
    if (first) { first.focus({ preventScroll: true }); }
  }
  let subject = null;
  function asks(event, code) {
    const variants = leg[code].asks[event] || [];
    let asked = [];
    variants.forEach((v) => { if (v.once === null || p.states[v.once].stand === "DONE") { asked = v.asked; } });
    return asked;
  }
  function follow(event, code) {
    const asked = asks(event, code), list = $("chair-asks");
    if (!asked.length) { close(); return; }
    subject = { code: code, event: event };
    list.textContent = "";
    asked.forEach((a) => {
      const li = document.createElement("li"), words = document.createElement("span");
      words.textContent = a.words;
      li.appendChild(words);
      if (a.minutes) { const m = document.createElement("small"); m.textContent = a.minutes; li.appendChild(m); }
      if (a.step) {
        const b = document.createElement("button");
        b.type = "button";
        b.className = "chair-small";
        b.textContent = list.dataset.take;
        b.addEventListener("click", () => { note(p.states[a.step].stand === "TO_COME" ? "BEGUN" : "BACK", a.step); close(); });
        li.appendChild(b);
      }
      list.appendChild(li);
    });
    open("panel-asked");
  }
  function different(kind) {
    const code = p.current;
    if (!code) { return; }
    if (kind === "NOTE") { open("panel-note"); return; }
    if (kind === "PICTURE") { close(); picture(""); return; }
    if (kind === "OTHER_PRODUCT") {
      document.querySelectorAll("[data-others]").forEach((x) => { x.hidden = x.dataset.others !== code; });
      open("panel-other");
      return;
    }
    if (kind === "SKIPPED" && asks("SKIPPED", code).some((a) => a.code === "NOT_SKIPPABLE")) { follow("SKIPPED", code); return; }
    note(kind, code);
    told(say(W.noted, W[kind]));
    follow(kind === "DONE_BEFORE" ? "NONE" : kind, code);
  }
  function other(id, words) {
    const code = p.current;
    note("OTHER_PRODUCT", code, { product: id, words: words });
    follow("OTHER_PRODUCT", code);
  }
  let angle = "";
  function picture(of) { angle = of; $("chair-file").click(); }
  $("chair-file").addEventListener("change", () => {
    const file = $("chair-file").files[0];
    if (file && (p.current || shown)) {
      note("PICTURE", p.current || S.steps[S.steps.length - 1].code, { blob: file, words: angle || null });
      told(say(W.noted, W.PICTURE));
    }
    $("chair-file").value = "";
  });
  function flaw(code) {
    const f = S.flaws[code];
    const to = f.back.find((c) => p.states[c].stand === "DONE") || f.back[0];
    const row = document.querySelector('[data-flaw="' + code + '"]');
    $("flaw-title").textContent = row.querySelector("b").textContent + ": " + row.querySelector("span").textContent;
    $("flaw-mend").textContent = f.words;
    const b = $("flaw-back");
    b.textContent = say(b.dataset.words, name[to]);
    b.onclick = () => { note(f.comesOff ? "UNDONE" : "FLAW", to, { words: code }); close(); if (f.comesOff) { follow("UNDONE", to); } };
    open("panel-flaw");
  }
  function go(code) {
    note(p.states[code].stand === "TO_COME" ? "BEGUN" : "BACK", code);
    close();
  }
  $("chair-done").addEventListener("click", done);
  $("chair-back").addEventListener("click", back);
  $("chair-pause").addEventListener("click", () => { pause(); chair.focus({ preventScroll: true }); });
  $("chair-different").addEventListener("click", () => { if (p.current) { open("panel-different"); } });
  $("chair-list-open").addEventListener("click", () => open("panel-list"));
  $("chair-face").addEventListener("click", done);
  $("chair-now").addEventListener("click", () => note("BEGUN", p.current));
  $("chair-other").addEventListener("click", () => note("BEGUN", $("chair-other").dataset.step));
  $("asked-leave").addEventListener("click", () => { note("LEFT", subject.code, { words: subject.event }); close(); });
  $("chair-note-keep").addEventListener("click", () => {
    const words = $("chair-note").value.trim();
    if (!words) { told($("chair-note").dataset.empty); $("chair-note").focus(); return; }
    note("NOTE", p.current, { words: words });
    $("chair-note").value = "";
    told(say(W.noted, W.NOTE));
    close();
  });
  $("chair-own-take").addEventListener("click", () => {
    const words = $("chair-own").value.trim();
    if (words) { other(null, words); $("chair-own").value = ""; } else { $("chair-own").focus(); }
  });
  $("chair-anew").addEventListener("submit", (e) => { if (!window.confirm($("chair-anew").dataset.ask)) { e.preventDefault(); } });
  chair.addEventListener("click", (e) => {
    const b = e.target.closest("button");
    if (!b) { return; }
    if (b.matches("[data-close]")) { close(); }
    else if (b.dataset.kind) { different(b.dataset.kind); }
    else if (b.dataset.product) { other(Number(b.dataset.product), b.dataset.name); }
    else if (b.dataset.go) { go(b.dataset.go); }
    else if (b.dataset.flaw) { flaw(b.dataset.flaw); }
    else if (b.dataset.angle) { picture(b.dataset.angle); }
  });
  function sticky(id, item, change) {
    const b = $(id);
    const now1 = () => localStorage.getItem(item) === "on";
    const tell = () => { b.setAttribute("aria-pressed", String(now1())); change(now1()); };
    b.addEventListener("click", () => { localStorage.setItem(item, now1() ? "off" : "on"); tell(); });
    tell();
  }
  sticky("chair-hand", "chair-hand", (left) => chair.classList.toggle("left-handed", left));
  sticky("chair-sound", "chair-sound", () => {});

  // ---- keys and pedals ----
  const KEYS = { ArrowRight: done, PageDown: done, Enter: done, ArrowLeft: back, PageUp: back, " ": pause };
  document.addEventListener("keydown", (e) => {
    const panel = document.querySelector(".chair-panel:not([hidden])");
    if (e.key === "Escape" && panel) { close(); return; }
    if (e.ctrlKey || e.metaKey || e.altKey || e.repeat || e.target.closest("input, textarea")) { return; }
    if (panel) {
      const by = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }[e.key];
      const all1 = Array.from(panel.querySelectorAll("button, a, input, textarea")).filter((b) => b.offsetParent !== null);
      if (by) { e.preventDefault(); all1[(all1.indexOf(document.activeElement) + by + all1.length) % all1.length].focus(); }
      return;
    }
    if ((e.key === "Enter" || e.key === " ") && e.target.closest("button, a")) { return; }
    if (KEYS[e.key]) { e.preventDefault(); KEYS[e.key](); }
    else if (e.key.toLowerCase() === "d" && p.current) { open("panel-different"); }
    else if (e.key.toLowerCase() === "l") { open("panel-list"); }
    else if (e.key === "ArrowDown" || e.key === "ArrowUp") { const a = document.querySelector(".chair-step:not([hidden])"); if (a) { a.scrollBy(0, e.key === "ArrowDown" ? 80 : -80); } }
  });

  window.addEventListener("resize", () => { if (p) { show(); } });
  async function start() {
    await link.open();
    const given = document.querySelector("[data-offer]").textContent;
    offer(given);
    chair.dataset.ready = "yes";
    show();
    link.keepUp();
    tablet.stayAwake();
    tablet.keepPage();
    setInterval(tick, TICK);
    chair.focus({ preventScroll: true });
  }
  start();
})();
