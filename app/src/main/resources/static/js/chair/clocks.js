/* What the chair's clocks say: hands, settling, how far ahead of the plan. Figures and sentences only; what shows them is chair.js's. */
(function () {
  "use strict";
  const SPARE = 15000;
  const say = window.chairSay;
  const text = (ms) => {
    const s = Math.max(0, Math.round(ms / 1000));
    return Math.floor(s / 60) + ":" + String(s % 60).padStart(2, "0");
  };

  /* S: the page's script. Every p is what chairProgress tells, every t the server's time in milliseconds. */
  function clocks(S) {
    const W = S.words, leg = {}, brief = {};
    S.steps.forEach((s) => { leg[s.code] = s; brief[s.code] = s.shortly; });
    const is = (p, code, stand) => p.states[code] && p.states[code].stand === stand;
    const open = (p, code) => is(p, code, "TO_COME"), done = (p, code) => is(p, code, "DONE");
    const plannedEnd = S.steps.reduce((most, s) => Math.max(most, s.start + s.hands), 0) * 1000;

    function hour(ms) {
      return new Intl.DateTimeFormat("en-GB", { hour: "2-digit", minute: "2-digit", timeZone: S.zone }).format(new Date(ms));
    }
    /* How long hands have worked on a step, without what they waited. */
    function running(p, code, t) {
      const state = p.states[code], until = p.ready ? null : p.settled(code);
      const from = until !== null && until > p.since ? until : p.since;
      return state.taken - state.before + (p.paused === null ? Math.max(0, t - from) : 0);
    }
    /* Of the lags that a step waits for, the one that ends last. */
    function lagOf(p, code) {
      return S.lags.filter((l) => l.to === code && l.least > 0 && done(p, l.from))
        .sort((a, b) => p.states[b.from].ended + b.least * 1000 - p.states[a.from].ended - a.least * 1000)[0];
    }
    /* What is waited for, in words. */
    const waiting = (lag) => (lag.judged ? W.judged : say(W.settles, brief[lag.from]));
    function settled(p, code) {
      const lag = lagOf(p, code);
      return say(W.settled, lag ? brief[lag.from] : "");
    }
    /* What settles beside that which is waited for, and what must not be waited for too long. */
    function settling(p, code, t) {
      const due = S.lags.filter((l) => l.most !== null && done(p, l.from) && open(p, l.to))
        .map((l) => ({ to: l.to, left: p.states[l.from].ended + l.most * 1000 - t }))
        .sort((a, b) => a.left - b.left)[0];
      if (due) { return due.left < 0 ? say(W.late, brief[due.to]) : say(W.within, brief[due.to], text(due.left)); }
      const from = {}, waited = lagOf(p, code);
      S.lags.filter((l) => l.least > 0 && !l.judged && l.to !== code && done(p, l.from) && open(p, l.to)).forEach((l) => {
        from[l.from] = Math.max(from[l.from] || 0, p.states[l.from].ended + l.least * 1000);
      });
      const told = (c) => waited && waited.from === c && from[c] <= p.settled(code);
      return Object.keys(from).filter((c) => from[c] > t && !told(c)).sort((a, b) => from[a] - from[b]).slice(0, 1)
        .map((c) => say(W.settles, brief[c]) + " " + text(from[c] - t)).join("");
    }
    function pace(p, code, t) {
      const rest = S.steps.slice(S.steps.findIndex((s) => open(p, s.code)));
      const idle = plannedEnd - rest[0].start * 1000 - rest.reduce((sum, s) => sum + s.hands, 0) * 1000;
      const ahead = rest.filter((s) => open(p, s.code)).reduce((sum, s) => sum + s.hands * 1000, 0);
      const left = Math.max(0, idle) + ahead - Math.min(running(p, code, t), leg[code].hands * 1000);
      const late = Math.round((t - S.begun + left - plannedEnd) / 60000);
      const wait = S.next ? Math.round((t + left - S.next.at) / 60000) : 0;
      const words = [say(W.end, hour(t + left))];
      if (late !== 0) { words.unshift(late > 0 ? say(W.behind, late) : say(W.ahead, -late)); }
      else if (wait <= 0) { words.unshift(W.onTime); }
      if (S.next) { words.push(wait > 0 ? say(W.nextWaits, S.next.words, wait) : say(W.nextFace, S.next.words)); }
      return words.join(" ");
    }
    const free = (p, code, t) => S.lags.every((l) => l.to !== code || !open(p, l.from)) && (p.settled(code) || 0) <= t;
    /* A step that can be done while another settles, or undefined. */
    function between(p, code, until, t) {
      return S.steps.find((s) => s.code !== code && open(p, s.code) && s.hands * 1000 <= until - t + SPARE && free(p, s.code, t));
    }
    /* Minutes that the face took and minutes that it was to take. */
    function sums(p) {
      const last = S.steps.reduce((most, s) => Math.max(most, p.states[s.code].ended || 0), 0);
      return { taken: Math.round((last - S.begun) / 60000), planned: Math.round(plannedEnd / 60000) };
    }
    return { text: text, hour: hour, running: running, lagOf: lagOf, waiting: waiting, settled: settled, settling: settling, pace: pace, between: between, sums: sums };
  }
  window.chairClocks = clocks;
})();
