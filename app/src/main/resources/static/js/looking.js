/* A picture that just came in: looks for the face on this machine, tells how far it is, hands over what was seen. */
(function () {
  "use strict";
  const LIMIT = 40000, MOMENT = 300;
  /* Draws what was found over the picture, for a moment. */
  function found(look, search) {
    const drawing = look.querySelector("svg.portrait");
    if (!search || !search.looks || !search.looks.length || !drawing) { return false; }
    const k = drawing.viewBox.baseVal.width / search.width;
    const values = search.looks[0].points.split(",").map(Number);
    let d = "";
    for (let i = 0; i + 2 < values.length; i += 9) { d += "M" + (values[i] * k).toFixed(1) + " " + (values[i + 1] * k).toFixed(1) + "h0"; }
    const dots = document.createElementNS("http://www.w3.org/2000/svg", "path");
    dots.setAttribute("d", d);
    dots.setAttribute("class", "found-points");
    drawing.appendChild(dots);
    return true;
  }
  document.addEventListener("DOMContentLoaded", async () => {
    const look = document.getElementById("look");
    if (!look || look.dataset.looking !== "true" || !window.firstGuess) { return; }
    const told = look.querySelector("[data-told]");
    const say = (done, of) => { told.textContent = look.dataset.step.replace("##", of).replace("#", Math.min(done + 1, of)); };
    const late = new Promise((resolve) => setTimeout(() => resolve(null), LIMIT));
    const search = await Promise.race([window.firstGuess(look.dataset.picture, say).catch(() => null), late]);
    const shown = found(look, search);
    if (shown) {
      told.textContent = look.dataset.found;
      await new Promise((resolve) => setTimeout(resolve, MOMENT)); /* before anything is asked: what comes back renews the page at once */
    }
    window.scree.send({
      verb: "POST", path: look.dataset.guess, values: { search: JSON.stringify(search || {}) }, target: "#look",
      then: () => window.scree.renew(location.pathname)
    });
  });
})();
