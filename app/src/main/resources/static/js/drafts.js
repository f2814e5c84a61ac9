/* Keeps what is typed in this browser until it is saved, and offers it back: after signing in again, after a broken line. */
(function () {
  "use strict";
  const PREFIX = "scree-draft ", KEPT_MS = 7 * 24 * 3600 * 1000;
  const words = document.getElementById("message");
  const meta = document.querySelector('meta[name="artist"]');
  const owner = meta ? meta.content : document.body.classList.contains("from-home") ? "home" : null;
  if (!owner || !words || !window.localStorage) { return; }
  const store = window.localStorage;
  const typed = new Set();

  function fields(form) {
    return [...form.elements].filter((f) => f.name && !["hidden", "file", "password", "submit", "button"].includes(f.type));
  }
  function forms() {
    return [...document.querySelectorAll("form")].filter((f) => (f.method === "post" || f.hasAttribute("hx-post"))
      && fields(f).length && !(f.getAttribute("action") || "").includes("/sign-"));
  }
  function key(form) {
    const to = form.getAttribute("hx-post") || form.getAttribute("action") || "";
    return PREFIX + owner + " " + location.pathname + " " + to.split("?")[0];
  }
  function values(form) {
    return fields(form).map((f) => [f.name, ["checkbox", "radio"].includes(f.type) ? f.value + "=" + f.checked : f.value]);
  }
  function read(name) {
    try { return JSON.parse(store.getItem(name)); } catch (e) { return null; }
  }
  function keep(form) {
    const before = read(key(form));
    const id = before && before.id || Date.now().toString(36) + Math.random().toString(36).slice(2, 8);
    try { store.setItem(key(form), JSON.stringify({ id: id, at: Date.now(), values: values(form) })); } catch (e) { /* full: the page still works */ }
    return id;
  }
  function forget(form) {
    store.removeItem(key(form));
    typed.delete(form);
    const offer = form.querySelector(".draft-offer");
    if (offer) { offer.remove(); }
  }
  function fill(form, kept) {
    const left = kept.slice();
    fields(form).forEach((f) => {
      const box = ["checkbox", "radio"].includes(f.type);
      const at = left.findIndex((v) => v[0] === f.name && (!box || v[1].slice(0, v[1].lastIndexOf("=")) === f.value));
      if (at < 0) { return; }
      const value = left.splice(at, 1)[0][1];
      if (box) { f.checked = value.endsWith("=true"); } else { f.value = value; }
    });
    typed.add(form);
  }
  function offer(form, draft) {
    const bar = document.createElement("div");
    bar.className = "draft-offer";
    bar.setAttribute("role", "status");
    const at = new Date(draft.at);
    const said = document.createElement("span");
    said.textContent = words.dataset.draftOffer.replace("{0}", at.getHours() + ":" + String(at.getMinutes()).padStart(2, "0"));
    const back = document.createElement("button"), away = document.createElement("button");
    back.type = away.type = "button";
    back.className = "stone-button";
    away.className = "plain";
    back.textContent = words.dataset.draftBack;
    away.textContent = words.dataset.draftAway;
    back.addEventListener("click", () => { fill(form, draft.values); bar.remove(); });
    away.addEventListener("click", () => { store.removeItem(key(form)); bar.remove(); });
    bar.append(said, back, away);
    form.prepend(bar);
  }
  function look() {
    forms().forEach((form) => {
      const draft = read(key(form));
      if (!draft || form.dataset.drafted) { return; }
      form.dataset.drafted = "yes";
      if (JSON.stringify(draft.values) === JSON.stringify(values(form))) { store.removeItem(key(form)); }
      else if (owner === "home") { fill(form, draft.values); }
      else { offer(form, draft); }
    });
  }
  function tidy() {
    const saved = /(?:^|; )scree-saved=([a-z0-9]+)/.exec(document.cookie);
    for (const name of Object.keys(store)) {
      if (!name.startsWith(PREFIX)) { continue; }
      const draft = read(name);
      if (!draft || Date.now() - draft.at > KEPT_MS || saved && draft.id === saved[1]) { store.removeItem(name); }
    }
    if (saved) { document.cookie = "scree-saved=; path=/; max-age=0; samesite=lax"; }
  }
  function mine() { return Object.keys(store).filter((name) => name.startsWith(PREFIX + owner + " ")); }

  const changed = (event) => {
    const form = event.target.form;
    if (form && event.isTrusted !== false && forms().includes(form)) { typed.add(form); keep(form); }
  };
  document.addEventListener("input", changed);
  document.addEventListener("change", changed);
  document.addEventListener("submit", (event) => {
    const form = event.target;
    if ((form.getAttribute("action") || "").endsWith("/sign-out")) {
      if (mine().length && !window.confirm(words.dataset.draftLeave)) { event.preventDefault(); return; }
      mine().forEach((name) => store.removeItem(name));
    } else if (typed.has(form) && !form.hasAttribute("hx-post")) {
      const field = form.elements.draft || form.appendChild(Object.assign(document.createElement("input"), { type: "hidden", name: "draft" }));
      field.value = keep(form);
    }
  }, true);
  document.addEventListener("htmx:afterSettle", look);
  window.screeDrafts = {
    /* A form whose answer came as a part of the page: saved unless that part says otherwise. */
    saved: (form, target) => { if (!document.querySelector(target + " [role=alert]")) { forget(form); } },
    open: () => [...typed].find((form) => form.isConnected) || null
  };
  tidy();
  look();
})();
