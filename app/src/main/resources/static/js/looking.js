/* A picture that just came in: looks for the face on this machine, tells how far it is, hands over what was seen. */
(function () {
  "use strict";
  const LIMIT = 40000;
  document.addEventListener("DOMContentLoaded", async () => {
    const look = document.getElementById("look");
    if (!look || look.dataset.looking !== "true" || !window.firstGuess) { return; }
    const told = look.querySelector("[data-told]");
    const say = (done, of) => { told.textContent = look.dataset.step.replace("##", of).replace("#", Math.min(done + 1, of)); };
    const late = new Promise((resolve) => setTimeout(() => resolve(null), LIMIT));
    const search = await Promise.race([window.firstGuess(look.dataset.picture, say).catch(() => null), late]);
    window.scree.send({
      verb: "POST", path: look.dataset.guess, values: { search: JSON.stringify(search || {}) }, target: "#look",
      then: () => window.scree.renew(location.pathname)
    });
  });
})();
