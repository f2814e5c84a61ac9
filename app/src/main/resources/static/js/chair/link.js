/* What ties the page of the chair to the server: the time there, counted on here; the notes, each kept in this browser until the server has
   it, sent in the order they were made and once each; what others noted meanwhile. What a note means is none of its business.

   script: {sitting, now, no, notes, words}; page: {url, artist, csrf, tell} and what is to be done when something came:
   changed(), offered(words), pictureRefused(), and may it load anew: atRest(). */
(function () {
  "use strict";
  const POLL = 5000, LOOK_EVERY = 4, SLEPT = 20000;
  const say = window.chairSay;

  window.chairLink = (S, page) => {
    const W = S.words, store = window.chairStore, artist = page.artist, csrf = page.csrf;
    // ---- time: the server's, counted on by a clock that nobody can set ----
    const time = { server: S.now, ran: performance.now(), wall: Date.now() };
    const now = () => time.server + performance.now() - time.ran;
    function sync(server) {
      time.server = server;
      time.ran = performance.now();
      time.wall = Date.now();
      store.clock(server).catch(() => {});
    }
    /* Asleep, this clock stands still and the wall's goes on; a wall that was set is not believed, the server is. */
    function awake() {
      const ran = performance.now() - time.ran, wall = Date.now() - time.wall;
      if (wall - ran > SLEPT) { time.server += wall - ran; time.wall = Date.now() - ran; }
      poll(true);
    }

    // ---- notes ----
    const known = new Map();
    const device = uuid();
    let seq = 0, lastAt = 0, lastNo = 0, keeps = true;
    function uuid() {
      const b = crypto.getRandomValues(new Uint8Array(16));
      b[6] = (b[6] & 15) | 64;
      b[8] = (b[8] & 63) | 128;
      const h = Array.from(b, (x) => x.toString(16).padStart(2, "0")).join("");
      return [h.slice(0, 8), h.slice(8, 12), h.slice(12, 16), h.slice(16, 20), h.slice(20)].join("-");
    }
    const key = (n) => n.device + " " + n.seq;
    function learn(notes) {
      let news = false;
      notes.forEach((n) => {
        const before = known.get(key(n));
        if (!before || !before.sent) {
          known.set(key(n), Object.assign({ sitting: S.sitting, artist: artist, sent: true }, n));
          store.put(known.get(key(n))).catch(() => { keeps = false; });
          news = true;
        }
        lastNo = Math.max(lastNo, n.no || 0);
      });
      return news;
    }
    const all = () => Array.from(known.values());
    const unsent = () => all().filter((n) => !n.sent && !n.refused && n.artist === artist);
    function note(kind, step, more) {
      lastAt = Math.max(Math.round(now()), lastAt + 1);
      const n = Object.assign({
        sitting: S.sitting, artist: artist, device: device, seq: ++seq, kind: kind, step: step, at: lastAt, words: null, product: null, sent: false
      }, more);
      known.set(key(n), n);
      store.put(n).catch(() => { keeps = false; tellLink(); });
      page.changed();
      flush();
    }

    // ---- the server ----
    let online = navigator.onLine, signedOut = false, busy = false, again = false, looks = 0;
    function headers(json) {
      const h = { "HX-Request": "true" };
      if (csrf.header) { h[csrf.header] = csrf.token; }
      if (json) { h["Content-Type"] = "application/json"; }
      return h;
    }
    async function ask(path, options) {
      const began = performance.now();
      const answer = await fetch(page.url + path, Object.assign({ credentials: "same-origin", cache: "no-store" }, options));
      if (answer.status === 401 || answer.redirected) { signedOut = true; throw new Error("signed out"); }
      signedOut = false;
      if (!answer.ok) { const e = new Error("answer " + answer.status); e.status = answer.status; throw e; }
      const told = await answer.json();
      csrf.token = told.token;
      sync(told.now + (performance.now() - began) / 2);
      online = true;
      return told;
    }
    const plain = (n) => ({ device: n.device, seq: n.seq, kind: n.kind, step: n.step, at: n.at, words: n.words, product: n.product });
    function send(notes) {
      return ask("/notes?since=" + lastNo, { method: "POST", headers: headers(true), body: JSON.stringify(notes.map(plain)) });
    }
    function sendPicture(n) {
      const form = new FormData();
      ["device", "seq", "step", "at"].forEach((f) => form.append(f, n[f]));
      form.append("words", n.words || "");
      form.append("picture", n.blob, "picture.jpg");
      return ask("/picture?since=" + lastNo, { method: "POST", headers: headers(false), body: form });
    }
    const hopeless = (e) => e.status >= 400 && e.status < 500 && e.status !== 403 && e.status !== 408 && e.status !== 429;
    async function deliver(notes) {
      try {
        return notes[0].blob ? await sendPicture(notes[0]) : await send(notes);
      } catch (e) {
        if (e.status === 403) { await ask("/state?since=" + lastNo); return notes[0].blob ? sendPicture(notes[0]) : send(notes); }
        if (!hopeless(e)) { throw e; }
        if (notes.length === 1) {
          notes[0].refused = true;
          store.put(notes[0]).catch(() => {});
          if (notes[0].blob) { page.pictureRefused(); }
          return null;
        }
        let last = null;
        for (const n of notes) { last = (await deliver([n])) || last; }
        return last;
      }
    }
    /* In the order they were noted, each once; the server knows what it has. */
    async function flush() {
      if (busy) { again = true; return; }
      busy = true;
      try {
        do {
          again = false;
          const waiting = unsent().sort((a, b) => a.at - b.at || a.seq - b.seq);
          const picture = waiting.find((n) => n.blob);
          const notes = waiting.filter((n) => !n.blob);
          const batch = notes.length ? notes.slice(0, 100) : picture ? [picture] : [];
          if (batch.length) {
            tellLink();
            const answer = await deliver(batch);
            batch.filter((n) => !n.refused).forEach((n) => {
              n.sent = true;
              delete n.blob;
              store.put(n).catch(() => {});
            });
            if (answer) { heard(answer); }
            again = again || unsent().length > 0;
          }
        } while (again);
      } catch (e) {
        online = signedOut ? online : false;
      } finally {
        busy = false;
        tellLink();
      }
    }
    function heard(answer) {
      const news = learn(answer.notes);
      if (answer.no !== S.no && !unsent().length && page.atRest()) { location.reload(); return; }
      if (answer.offer !== null && answer.offer !== undefined) { // it was looked for what is around this face by now
        page.offered(answer.offer);
        S.next = answer.next;
      }
      if (news) { page.changed(); }
    }
    async function poll(look) {
      if (document.hidden || busy) { return; }
      if (unsent().length) { flush(); return; }
      looks += 1;
      try {
        heard(await ask("/state?since=" + lastNo + (look || looks % LOOK_EVERY === 0 ? "&look=true" : "")));
      } catch (e) { online = signedOut ? online : false; }
      tellLink();
    }
    function tellLink() {
      const waiting = unsent().length, link = page.tell;
      const refused = all().filter((n) => n.refused).length;
      let words = online
        ? waiting ? say(W.sending, waiting) : W.online
        : waiting ? say(W.offline, waiting) : W.offlineNone;
      if (!online && !("serviceWorker" in navigator)) { words += " " + W.shallow; }
      if (signedOut) { words = say(W.signIn, waiting); }
      if (refused) { words += " " + say(W.refused, refused); }
      if (!keeps) { words += " " + W.unkept; }
      link.classList.toggle("away", !online || signedOut || !keeps || refused > 0);
      if (link.dataset.words !== words) {
        link.dataset.words = words;
        link.textContent = words;
        if (signedOut) {
          const a = document.createElement("a");
          a.href = "/sign-in?ended";
          a.textContent = " →";
          link.appendChild(a);
        }
      }
    }

    /* What this browser kept and what the server has meanwhile; without the server, the time as it was last told. */
    async function open() {
      learn(S.notes);
      try {
        (await store.of(S.sitting)).forEach((n) => { if (!known.has(key(n))) { known.set(key(n), n); } });
      } catch (e) { keeps = false; }
      try {
        heard(await ask("/state?since=" + lastNo));
      } catch (e) {
        online = signedOut;
        try {
          const kept = await store.told();
          if (kept) { time.server = Math.max(S.now, kept.server + Math.max(0, Date.now() - kept.wall)); time.ran = performance.now(); }
        } catch (none) { /* then the page's own time has to do */ }
        time.server = Math.max(time.server, all().reduce((most, n) => Math.max(most, n.at), 0));
      }
      lastAt = all().reduce((most, n) => Math.max(most, n.at), 0);
    }
    function keepUp() {
      flush();
      setInterval(poll, POLL);
    }
    window.addEventListener("online", () => { online = true; flush(); poll(true); });
    window.addEventListener("offline", () => { online = false; tellLink(); });
    document.addEventListener("visibilitychange", () => { if (!document.hidden) { awake(); } });
    return { now: now, all: all, note: note, tell: tellLink, open: open, keepUp: keepUp };
  };
})();
