/* How far the work is, told from what was noted: the same rule as core.routine.Progress, for pages that have lost the server. A test
   holds the two against each other. Times in milliseconds. */
(function () {
  "use strict";
  const UP = ["BACK", "UNDONE", "FLAW"];
  const ALL = ["PAUSED", "RESUMED", "FINISHED"];
  const DIFFERENT = ["SKIPPED", "DONE_BEFORE", "MORE", "LESS", "OTHER_PRODUCT", "UNDONE", "FLAW", "NOTE", "PICTURE", "LEFT"];

  function inTime(a, b) {
    return a.at - b.at || (a.device < b.device ? -1 : a.device > b.device ? 1 : 0) || a.seq - b.seq;
  }

  /* plan: {steps: [{code}], lags: [{from, to, least}]}, least in seconds. */
  function follow(plan, begun, events) {
    const told = {}, wanted = [];
    plan.steps.forEach((s) => { told[s.code] = { code: s.code, stand: "TO_COME", ended: null, taken: 0, before: 0, different: [] }; });
    const p = { states: told, current: null, since: begun, paused: null, finished: null };
    let ready = false;
    function next() {
      if (wanted.length) { return wanted[wanted.length - 1]; }
      const open = plan.steps.find((s) => told[s.code].stand === "TO_COME");
      return open ? open.code : null;
    }
    function comeUp(at) { p.paused = null; p.current = next(); p.since = at; ready = false; }
    function unwant(code) { const i = wanted.indexOf(code); if (i >= 0) { wanted.splice(i, 1); } }
    function want(code) { unwant(code); wanted.push(code); }
    function settled(code) {
      return plan.lags.filter((l) => l.to === code && l.least > 0 && told[l.from] && told[l.from].stand === "DONE")
        .reduce((most, l) => Math.max(most, told[l.from].ended + l.least * 1000), 0) || null;
    }
    function count(to, ending) {
      if (!p.current || p.paused !== null) { return; }
      const until = settled(p.current);
      let from = ready || until === null || until <= p.since ? p.since : until;
      if (ending && from > to) { from = p.since; }
      if (from < to) { told[p.current].taken += to - from; }
    }
    function end(e, step, as) {
      if (step.stand !== "TO_COME") { return; }
      count(e.at, as === "DONE" && p.current === e.step);
      step.stand = as;
      step.ended = e.at;
      unwant(e.step);
      comeUp(e.at);
    }
    function ofAll(e) {
      if (e.kind === "PAUSED") {
        if (p.paused === null) { count(e.at, false); p.since = e.at; p.paused = e.at; }
      } else if (e.kind === "RESUMED") {
        if (p.paused !== null) { p.paused = null; p.since = e.at; }
      } else { p.finished = e.at; }
    }
    p.current = next();
    events.slice().sort(inTime).forEach((e) => {
      if (ALL.includes(e.kind)) { ofAll(e); return; }
      const step = told[e.step];
      if (!step) { return; }
      if (DIFFERENT.includes(e.kind)) { step.different.push(e.kind); }
      if (e.kind === "BEGUN") {
        if (step.stand === "TO_COME") { count(e.at, false); want(e.step); comeUp(e.at); ready = true; }
      } else if (e.kind === "DONE") { end(e, step, "DONE"); }
      else if (e.kind === "SKIPPED" || e.kind === "DONE_BEFORE") { end(e, step, "SKIPPED"); }
      else if (UP.includes(e.kind)) {
        count(e.at, false);
        step.stand = "TO_COME";
        step.ended = null;
        step.before = e.kind === "BACK" ? 0 : step.taken; // what is done anew has its time anew
        want(e.step);
        comeUp(e.at);
      }
    });
    p.ready = ready;
    p.settled = settled;
    return p;
  }
  window.chairProgress = follow;
})();
