/* Runs the vendored mesh on a picture and hands over its points; what they mean is the server's business. */
(function () {
  "use strict";
  const PATH = "/vendor/face/", POINTS = 468, NETWORK = 192;
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
  /* ---- one look ---- */
  async function detect(picture) {
    const result = await human.detect(picture);
    return (result.face || []).filter((f) => f.mesh && f.mesh.length >= POINTS);
  }
  const seen = (face) => ({ box: face.boxScore, face: face.faceScore, size: Math.max(face.box[2], face.box[3]) });
  /* Whole pixels are cut off, and depth comes in units of the network's input. */
  function points(face) {
    const deep = Math.max(face.size[0], face.size[1]) / NETWORK;
    return face.mesh.slice(0, POINTS).map((p) => [p[0] + 0.5, p[1] + 0.5, p[2] * deep]);
  }
  function canvas(width, height) {
    const made = document.createElement("canvas");
    made.width = width;
    made.height = height;
    return made;
  }

  /* ---- the second looks: a crop round the first mesh, pupils level; plain, mirrored, and both moved and scaled ---- */
  const EYES = [[33, 133, 159, 145, 158, 160, 144, 153], [263, 362, 386, 374, 385, 387, 380, 373]];
  const SIDE = 900, SHARE = 0.42;
  const LOOKS = [
    { mirrored: false, dx: 0, dy: 0, scale: 1 }, { mirrored: true, dx: 0, dy: 0, scale: 1 },
    { mirrored: false, dx: 0.1, dy: 0.08, scale: 0.94 }, { mirrored: true, dx: -0.1, dy: -0.08, scale: 1.06 }
  ];
  function mean(mesh, of) {
    const sum = of.reduce((a, i) => [a[0] + mesh[i][0], a[1] + mesh[i][1]], [0, 0]);
    return [sum[0] / of.length, sum[1] / of.length];
  }
  function crop(mesh) {
    const right = mean(mesh, EYES[0]), left = mean(mesh, EYES[1]);
    const turn = Math.atan2(left[1] - right[1], left[0] - right[0]), cos = Math.cos(turn), sin = Math.sin(turn);
    const across = mesh.map((p) => p[0] * cos + p[1] * sin), down = mesh.map((p) => p[1] * cos - p[0] * sin);
    const x = (Math.min(...across) + Math.max(...across)) / 2, y = (Math.min(...down) + Math.max(...down)) / 2;
    const size = Math.max(Math.max(...across) - Math.min(...across), Math.max(...down) - Math.min(...down));
    return { x: x * cos - y * sin, y: x * sin + y * cos, cos: cos, sin: sin, scale: SHARE * SIDE / size };
  }
  async function look(image, round, how) {
    const flat = canvas(SIDE, SIDE), paper = flat.getContext("2d");
    const k = round.scale * how.scale, flip = how.mirrored ? -1 : 1;
    const x0 = SIDE * (0.5 + how.dx), y0 = SIDE * (0.5 + how.dy);
    paper.setTransform(1, 0, 0, 1, x0, y0);
    paper.transform(flip * k * round.cos, -k * round.sin, flip * k * round.sin, k * round.cos, 0, 0);
    paper.drawImage(image, -round.x, -round.y);
    const faces = await detect(flat);
    if (!faces.length) { return null; }
    const back = points(faces[0]).map((p) => {
      const u = flip * (p[0] - x0) / k, v = (p[1] - y0) / k;
      return [round.x + u * round.cos - v * round.sin, round.y + u * round.sin + v * round.cos, p[2] / k];
    });
    return { mirrored: how.mirrored, points: back.map((p) => p.map((v) => v.toFixed(2)).join(",")).join(",") };
  }
  async function onItsHead(image) {
    const k = Math.min(1, SIDE / Math.max(image.naturalWidth, image.naturalHeight));
    const w = Math.round(image.naturalWidth * k), h = Math.round(image.naturalHeight * k);
    const turned = canvas(w, h), paper = turned.getContext("2d");
    paper.setTransform(-1, 0, 0, -1, w, h);
    paper.drawImage(image, 0, 0, w, h);
    const faces = await detect(turned);
    return faces.length ? faces[0].boxScore : 0;
  }

  /* Resolves to what was seen: scores of up to two faces, the box's score when the picture is turned by half a circle, and several
     looks at the first face in pixels of the picture. Tells how far it is by `say(done, of)`. */
  window.firstGuess = async function (url, say) {
    const told = say || (() => {}), steps = LOOKS.length + 2;
    told(0, steps);
    await ready();
    const image = new Image();
    image.src = url;
    await image.decode();
    const faces = await detect(image);
    told(1, steps);
    const found = { faces: faces.slice(0, 2).map(seen), onItsHead: null, looks: [] };
    Object.defineProperty(found, "width", { value: image.naturalWidth }); /* for whoever draws it; not sent */
    if (!faces.length) { return found; }
    found.onItsHead = await onItsHead(image);
    told(2, steps);
    const round = crop(points(faces[0]));
    for (let i = 0; i < LOOKS.length; i++) {
      const one = await look(image, round, LOOKS[i]);
      if (one) { found.looks.push(one); }
      told(3 + i, steps);
    }
    return found;
  };
})();
