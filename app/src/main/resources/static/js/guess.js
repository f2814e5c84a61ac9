/* Runs the vendored mesh on a picture and hands over its points; what they mean is the server's business. */
(function () {
  "use strict";
  const PATH = "/vendor/face/", POINTS = 468;
  let human = null;
  function load() {
    if (window.Human) { return Promise.resolve(); }
    return new Promise((resolve, reject) => {
      const script = document.createElement("script");
      script.src = PATH + "human.js";
      script.onload = resolve;
      script.onerror = reject;
      document.head.appendChild(script);
    });
  }
  async function ready() {
    await load();
    if (human) { return; }
    const off = { enabled: false };
    const made = new window.Human.Human({
      backend: "wasm", wasmPath: PATH, modelBasePath: PATH, warmup: "none", cacheSensitivity: 0, debug: false,
      cacheModels: false, // left half way while it stores them, a page would break the next ones for good; the files are cached as files
      filter: off, gesture: off, body: off, hand: off, object: off, segmentation: off,
      face: {
        enabled: true,
        detector: { modelPath: "blazeface.json", rotation: true, maxDetected: 2, minConfidence: 0.2, skipFrames: 0, skipTime: 0 },
        mesh: { enabled: true, modelPath: "facemesh.json" },
        iris: off, attention: off, emotion: off, description: off, antispoof: off, liveness: off
      }
    });
    await made.init();
    await made.load();
    human = made;
  }
  /* Resolves to { found: number of faces, mesh: "x,y,x,y…" of the first }. */
  window.firstGuess = async function (url) {
    await ready();
    const image = new Image();
    image.src = url;
    await image.decode();
    const result = await human.detect(image);
    const faces = (result.face || []).filter((f) => f.mesh && f.mesh.length >= POINTS);
    const mesh = faces.length ? faces[0].mesh.slice(0, POINTS).map((p) => p[0].toFixed(1) + "," + p[1].toFixed(1)).join(",") : "";
    return { found: faces.length, mesh: mesh };
  };
})();
