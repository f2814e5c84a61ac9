/* Moves nothing of the craft: keys, waiting, the CSRF header for htmx, the file field. */
(function () {
  "use strict";
  const csrf = document.querySelector('meta[name="csrf"]');
  document.addEventListener("htmx:configRequest", (event) => {
    if (csrf && csrf.dataset.header) { event.detail.headers[csrf.dataset.header] = csrf.dataset.token; }
  });

  const message = document.getElementById("message");
  let timer = null;
  function say(text, lasting) {
    message.textContent = text;
    message.classList.add("shown");
    clearTimeout(timer);
    if (!lasting) { timer = setTimeout(() => message.classList.remove("shown"), 8000); }
  }
  /* Stones fill one by one while a long answer is on its way. */
  function wait(text) {
    say(text, true);
    const row = document.createElement("span");
    row.className = "fill";
    for (let i = 0; i < 5; i++) { row.appendChild(document.createElement("i")); }
    message.appendChild(row);
    let at = 0;
    setInterval(() => { row.children[at % 5].classList.toggle("full"); at++; }, 320);
  }
  document.addEventListener("submit", (event) => {
    const form = event.target;
    if (form.method !== "post" || event.defaultPrevented) { return; }
    if (form.dataset.sent) { event.preventDefault(); return; } // the first press is on its way
    form.dataset.sent = "yes";
    if (form.dataset.waiting) { setTimeout(() => wait(form.dataset.waiting), 300); follow(form); }
  });
  window.addEventListener("pageshow", () => document.querySelectorAll("form[data-sent]").forEach((f) => delete f.dataset.sent));
  /* A long wait says how it goes: how many pictures are before this one, how far an import is. */
  function follow(form) {
    const ask = form.dataset.progress;
    if (!ask) { return; }
    setInterval(async () => {
      try {
        const answer = await fetch(ask, { headers: { "HX-Request": "true" } });
        const at = answer.ok ? (await answer.text()).split(" ") : [""];
        const words = form.dataset.progressWords;
        if (Number(at[0]) > 0 && words) { message.firstChild.textContent = words.replace("{0}", at[0]).replace("{1}", at[1] || ""); }
      } catch (e) { /* the next look may reach it */ }
    }, 700);
  }
  document.addEventListener("htmx:responseError", (event) => {
    const status = event.detail.xhr.status;
    const w = message.dataset;
    if (status === 401) {
      say(w.ended, true);
      const link = document.createElement("a");
      link.href = "/sign-in?ended";
      link.textContent = w.signIn;
      message.append(" ", link);
    } else { say(status === 403 ? w.old : status === 503 ? w.away : w.failed, true); }
  });
  document.addEventListener("htmx:sendError", () => say(message.dataset.silent, true));

  document.addEventListener("change", (event) => {
    if (event.target.matches(".upload input[type=file]") && event.target.files.length) {
      if (event.target.files[0].size > 25 * 1024 * 1024) {
        say(message.dataset.tooLarge, true);
        event.target.value = "";
        return;
      }
      event.target.form.requestSubmit();
    }
  });
  const drop = document.querySelector(".portrait-side");
  if (drop) {
    const bed = () => document.querySelector(".first-picture");
    ["dragover", "dragleave", "drop"].forEach((type) => drop.addEventListener(type, (event) => {
      event.preventDefault();
      if (bed()) { bed().classList.toggle("over", type === "dragover"); }
      const input = document.getElementById("picture");
      if (type === "drop" && event.dataTransfer.files.length && input) {
        input.files = event.dataTransfer.files;
        input.dispatchEvent(new Event("change", { bubbles: true }));
      }
    }));
  }

  /* Each dry-down runs on by itself; when one ends the page is asked again. */
  function count(dry) {
    if (dry.dataset.runs) { return; }
    dry.dataset.runs = "yes";
    const until = Date.now() + Number(dry.dataset.seconds) * 1000, left = dry.querySelector("[data-left]");
    const tick = () => {
      if (!dry.isConnected) { return; }
      const s = Math.max(0, Math.round((until - Date.now()) / 1000));
      left.textContent = Math.floor(s / 60) + ":" + String(s % 60).padStart(2, "0") + " min";
      if (s === 0) { window.scree.renew(); } else { setTimeout(tick, 1000); }
    };
    tick();
  }
  const countAll = () => document.querySelectorAll(".dry-down").forEach(count);
  countAll();
  document.addEventListener("htmx:afterSettle", countAll);

  const keys = document.getElementById("keys");
  const opener = document.getElementById("keys-open");
  if (opener) { opener.addEventListener("click", () => keys.showModal()); }
  function press(selector) {
    const found = document.querySelector(selector);
    if (found) { found.click(); }
    return Boolean(found);
  }
  /* The main key moves on. It never takes, keeps or sends; what was typed and not saved is shown first. */
  function onward() {
    const open = window.screeDrafts && window.screeDrafts.open();
    const save = open && open.querySelector("button:not([type=button])");
    if (save) { save.focus(); say(message.dataset.unsaved); return; }
    press("a[data-main], #next[data-main]");
  }
  document.addEventListener("keydown", (event) => {
    const typing = !event.target.closest || event.target.closest("input:not([type=range], [type=checkbox], [type=radio]), textarea, select, dialog");
    if (typing || event.ctrlKey || event.metaKey || event.altKey) { return; }
    const digit = { 0: "10", e: "11" }[event.key] || event.key;
    const stage = /^[0-9]+$/.test(digit) && document.querySelector('.cairn a[data-digit="' + digit + '"]');
    const page = { t: "/", c: "/clients", k: "/kit" }[event.key];
    if (stage) { location.href = stage.href; }
    else if (page) { location.href = page; }
    else if (event.key === "?") { keys.showModal(); }
    else if (event.key === "/") { const find = document.getElementById("find"); if (find) { event.preventDefault(); find.focus(); } }
    else if (event.key === "n") { press('[data-key="n"]'); }
    else if (event.key === "m") { press("#move"); }
    else if (event.key === "o") { press("#show-left-out"); }
    else if (event.key === "p") { press("#read-meter"); }
    else if (event.key === "w") { press('a[href$="/undertone"]'); }
    else if (event.key === "s") { press("#figures-open"); }
    else if (event.key === "z") { press('[data-key="z"]'); }
    else if (event.key === "u" && document.querySelector(".work.mix")) { window.scree.press("undo"); }
    else if (event.key === "r" && document.querySelector(".work.mix")) { window.scree.press("redo"); }
    else if (event.key === "Enter" && event.target === document.body && !document.querySelector(".tapping")) {
      event.preventDefault(); // the same press must not go on to what gets the focus
      onward();
    }
    else if ((event.key === "Enter" || event.key === " ") && event.target.matches("a.pebble")) { event.preventDefault(); event.target.dispatchEvent(new MouseEvent("click", { bubbles: true, cancelable: true })); }
  });
  /* A field of stones is one stop of the tab key; arrows go through it, the nearest to the skin first. It is drawn last. */
  document.addEventListener("keydown", (event) => {
    const here = event.target.closest && event.target.closest(".pebble-field a.pebble");
    const by = { ArrowRight: -1, ArrowDown: -1, ArrowLeft: 1, ArrowUp: 1 }[event.key];
    if (!here || (!by && event.key !== "Home" && event.key !== "End")) { return; }
    event.preventDefault();
    const stones = [...here.closest(".pebble-field").querySelectorAll("a.pebble")];
    const last = stones.length - 1, at = stones.indexOf(here);
    const to = event.key === "Home" ? last : event.key === "End" ? 0 : Math.max(0, Math.min(last, at + by));
    here.setAttribute("tabindex", "-1");
    stones[to].setAttribute("tabindex", "0");
    stones[to].focus();
  });
  /* A slider beside a field: each follows the other. */
  document.querySelectorAll("[data-mirror]").forEach((slider) => {
    const field = document.getElementById(slider.dataset.mirror);
    slider.value = field.value;
    slider.addEventListener("input", () => { field.value = slider.value; });
    field.addEventListener("input", () => { slider.value = field.value.replace(",", "."); });
  });
  /* A list to be walked through: arrows by place, x ticks what has the focus. */
  function walk(event) {
    const here = event.target.closest && event.target.closest("[data-walk] a");
    if (!here) { return; }
    if (event.key === "x") { here.closest("li").querySelector("input[type=checkbox]").click(); return; }
    const all = [...here.closest("[data-walk]").querySelectorAll("li > a")];
    const at = all.indexOf(here), row = all.filter((a) => a.offsetTop === all[0].offsetTop).length;
    const to = at + ({ ArrowRight: 1, ArrowLeft: -1, ArrowDown: row, ArrowUp: -row }[event.key] || 0);
    if (to !== at && all[to]) { event.preventDefault(); all[to].focus(); }
  }
  document.addEventListener("keydown", walk);
  function countTicked() {
    const form = document.getElementById("ticked");
    if (form) { form.querySelector("[data-count]").textContent = form.querySelectorAll("input[name=ids]:checked").length; }
  }
  document.addEventListener("change", countTicked);
  window.addEventListener("pageshow", countTicked);
  document.addEventListener("click", (event) => {
    if (event.target.closest("[data-untick]")) {
      document.querySelectorAll("#ticked input:checked").forEach((box) => { box.checked = false; });
      countTicked();
    }
    if (event.target.closest("#print")) { window.print(); }
    if (event.target.closest("#figures-open")) { document.getElementById("figures").showModal(); }
    if (event.target.closest('a.pebble[href="#"]')) { event.preventDefault(); }
    if (event.target.closest("#move")) {
      const portrait = document.getElementById("portrait");
      const loose = portrait.classList.toggle("loose");
      event.target.closest("#move").setAttribute("aria-pressed", String(loose));
      if (loose) { portrait.querySelector(".handle").focus(); }
    }
  });
})();
