/* What a browser keeps of a sitting at the chair: notes, sent or not, and what the time was. Nothing else of the client. */
(function () {
  "use strict";
  const NAME = "scree-chair";

  function open() {
    return new Promise((resolve, reject) => {
      const asked = indexedDB.open(NAME, 1);
      asked.onupgradeneeded = () => {
        asked.result.createObjectStore("notes", { keyPath: ["sitting", "device", "seq"] }).createIndex("sitting", "sitting");
        asked.result.createObjectStore("clock", { keyPath: "id" });
      };
      asked.onsuccess = () => resolve(asked.result);
      asked.onerror = () => reject(asked.error);
    });
  }
  let opened = null;
  async function within(store, mode, work) {
    opened = opened || open();
    const transaction = (await opened).transaction(store, mode);
    return new Promise((resolve, reject) => {
      const request = work(transaction.objectStore(store));
      transaction.oncomplete = () => resolve(request && request.result);
      transaction.onabort = transaction.onerror = () => reject(transaction.error);
    });
  }
  window.chairStore = {
    put: (note) => within("notes", "readwrite", (s) => s.put(note)),
    drop: (note) => within("notes", "readwrite", (s) => s.delete([note.sitting, note.device, note.seq])),
    of: (sitting) => within("notes", "readonly", (s) => s.index("sitting").getAll(sitting)),
    all: () => within("notes", "readonly", (s) => s.getAll()),
    clock: (at) => within("clock", "readwrite", (s) => s.put({ id: "now", server: at, wall: Date.now() })),
    told: () => within("clock", "readonly", (s) => s.get("now")),
    /* Forgets what was sent; what was not waits for its artist. */
    clear: async () => {
      for (const note of await window.chairStore.all()) { if (note.sent) { await window.chairStore.drop(note); } }
      if (window.caches) { await caches.delete(NAME); }
    }
  };
})();
