/* Every tap counts, in order: what is posted waits its turn, and the page shows at once that a tap was taken. */
(function () {
  "use strict";
  const line = [];
  let working = false;
  let passing = false;

  /* Shows what a tap will do before its answer is there; shown again when an answer to an earlier tap comes in between. */
  function mark(job) {
    const button = job.mark && document.querySelector(job.mark);
    if (!button) { return; }
    button.classList.add("pending");
    const count = button.parentElement.classList.contains("count-buttons") && button.parentElement.querySelector("b");
    if (count) { count.textContent = Math.max(0, Number(count.textContent) + (job.mark.includes("by=-1") ? -1 : 1)); }
    else if (button.hasAttribute("aria-pressed") && !button.dataset.field) {
      button.setAttribute("aria-pressed", String(button.getAttribute("aria-pressed") !== "true"));
    }
  }

  function next() {
    const job = line.shift();
    working = Boolean(job);
    if (!job) { return; }
    passing = true;
    const answer = window.htmx.ajax(job.verb, job.path, { values: job.values, target: job.target, swap: "outerHTML" });
    passing = false;
    answer.then(() => {
      const focus = job.focus && document.querySelector(job.focus);
      if (focus) { focus.focus({ preventScroll: true }); }
      if (job.then) { job.then(); }
      line.forEach(mark);
    }).catch(() => { line.length = 0; }).finally(next);
  }

  /* Sends in turn. focus is a selector of what has the focus when the answer is there. */
  function send(job) {
    line.push(job);
    mark(job);
    if (!working) { next(); }
  }
  /* Asks the page again, unless it is being left: that would call back whoever is on the way to another page. */
  let leaving = false;
  window.addEventListener("beforeunload", () => { leaving = true; });
  window.addEventListener("pageshow", () => { leaving = false; });
  function renew(address) {
    if (leaving) { return; }
    if (address) { location.replace(address); } else { location.reload(); }
  }
  /* Presses what a key stands for. What is still on its way makes something to take back, or back again, though the button does
     not show it yet. */
  function press(id) {
    const button = document.getElementById(id);
    if (!button) { return; }
    if (!button.disabled) { button.click(); }
    else if (working && (id === "undo" || id === "redo")) {
      send({
        verb: "POST", path: button.getAttribute("hx-post"), values: JSON.parse(button.getAttribute("hx-vals") || "{}"),
        target: button.closest("[hx-target]").getAttribute("hx-target"), mark: selector(button),
      });
    }
  }
  /* Of what a hand holds, what stands there now: an answer to an earlier tap exchanges the page under it. What is gone is nothing. */
  function present(held, css) {
    return held.isConnected ? held : document.querySelector(css);
  }
  window.scree = { send: send, press: press, present: present, renew: renew, idle: () => !working && !document.querySelector(".htmx-request, .htmx-swapping, .htmx-settling") };

  const quoted = (text) => '"' + text.replace(/["\\]/g, "\\$&") + '"';
  function selector(button) {
    const path = button.getAttribute("hx-post");
    const values = button.getAttribute("hx-vals");
    return path && button.tagName !== "FORM"
      ? "[hx-post=" + quoted(path) + "]" + (values ? "[hx-vals=" + quoted(values) + "]" : "") : null;
  }
  document.addEventListener("htmx:confirm", (event) => {
    const asked = event.detail;
    if (passing || asked.verb !== "post" || !asked.triggeringEvent || !asked.target || !asked.target.id) { return; }
    event.preventDefault();
    if (asked.question && !window.confirm(asked.question)) { return; }
    const values = Object.assign({}, window.htmx.values(asked.elt, "post"), JSON.parse(asked.elt.getAttribute("hx-vals") || "{}"));
    const pressed = asked.triggeringEvent && asked.triggeringEvent.submitter;
    if (pressed && pressed.name) { values[pressed.name] = pressed.value; }
    const form = asked.elt.tagName === "FORM" ? asked.elt : null;
    const own = selector(asked.elt);
    send({
      verb: "POST", path: asked.path, values: values, target: "#" + asked.target.id, mark: own, focus: own,
      then: () => { if (form && window.screeDrafts) { window.screeDrafts.saved(form, "#" + asked.target.id); } }
    });
  });
})();
