/* What the chair asks of the tablet: to stay awake, to keep the page for when the line is gone, to sound once. Without any of it the chair
   works on. */
(function () {
  "use strict";
  const PITCH = 660, LOUD = 0.08, LASTS = 0.35;

  /* The lock is lost whenever the page is out of sight, and refused while it is. */
  async function stayAwake() {
    try { await (navigator.wakeLock && navigator.wakeLock.request("screen")); } catch (e) { /* the tablet sleeps when it is set to */ }
  }
  /* The worker keeps the page itself and what it is drawn with; notes and the state go to the server or wait. */
  async function keepPage() {
    if (!("serviceWorker" in navigator)) { return; }
    try {
      await navigator.serviceWorker.register("/chair-worker.js");
      const worker = (await navigator.serviceWorker.ready).active;
      const files = performance.getEntriesByType("resource").map((r) => r.name)
        .filter((a) => a.startsWith(location.origin) && !/\/(state|notes)\b/.test(a));
      worker.postMessage({ keep: [location.origin + location.pathname].concat(files) });
    } catch (e) { /* without a worker the page lives as long as it is open */ }
  }
  function sound() {
    try {
      const audio = new AudioContext(), tone = audio.createOscillator(), loud = audio.createGain();
      tone.frequency.value = PITCH;
      loud.gain.value = LOUD;
      tone.connect(loud).connect(audio.destination);
      tone.start();
      tone.stop(audio.currentTime + LASTS);
      tone.onended = () => audio.close();
    } catch (e) { /* a browser without sound has the sight of it */ }
  }
  document.addEventListener("visibilitychange", () => { if (!document.hidden) { stayAwake(); } });
  window.chairTablet = { stayAwake: stayAwake, keepPage: keepPage, sound: sound };
})();
