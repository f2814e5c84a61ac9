/* Signing out lets go of what the browser keeps of sittings at the chair; what was not sent is said first and waits for its artist. */
(function () {
  "use strict";
  const NAME = "scree-chair";
  async function waiting() {
    const known = indexedDB.databases ? (await indexedDB.databases()).some((d) => d.name === NAME) : false;
    if (!known) { return null; }
    const database = await new Promise((resolve, reject) => {
      const asked = indexedDB.open(NAME);
      asked.onsuccess = () => resolve(asked.result);
      asked.onerror = () => reject(asked.error);
    });
    const notes = database.transaction("notes", "readwrite").objectStore("notes");
    const all = await new Promise((resolve) => { const asked = notes.getAll(); asked.onsuccess = () => resolve(asked.result); });
    return { notes: database.transaction("notes", "readwrite").objectStore("notes"), all: all };
  }
  document.addEventListener("submit", async (event) => {
    const form = event.target;
    if (form.getAttribute("action") !== "/sign-out" || form.dataset.let) { return; }
    event.preventDefault();
    event.stopPropagation();
    try {
      const kept = await waiting();
      const message = document.getElementById("message");
      if (kept && kept.all.some((n) => !n.sent) && message && !window.confirm(message.dataset.unsent)) { return; }
      if (kept) { kept.all.filter((n) => n.sent).forEach((n) => kept.notes.delete([n.sitting, n.device, n.seq])); }
      if (window.caches) { await caches.delete(NAME); }
    } catch (closed) { /* a browser that keeps nothing has nothing to let go of */ }
    form.dataset.let = "yes";
    form.requestSubmit();
  }, true);
})();
