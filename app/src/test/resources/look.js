// One look by axe: what is grave of it is answered, as the rule's name and the first place that breaks it.
// Of text, the rule of contrast, which takes most of a look, is asked only about what is marked: of what is written alike (same place in
// the page's build, same colours of its own) the first two. Text in drawings is all marked: what lies behind it is told by no class.
const GRAVE = ["serious", "critical"];
const AT_MOST = 2, STATES = ["hidden", "disabled", "open", "aria-current", "aria-pressed", "aria-selected", "aria-disabled", "aria-busy"];
const done = arguments[arguments.length - 1];

function style(e) {
  const own = STATES.filter((s) => e.hasAttribute(s)).map((s) => s + e.getAttribute(s)).join();
  return [e.localName, e.className.baseVal || e.className, e.getAttribute("style"), own, e.checked].join("|");
}
function place(e) {
  return e ? place(e.parentElement) + ">" + style(e) : "";
}
function mark() {
  const times = new Map();
  for (const e of document.body.querySelectorAll("*")) {
    const written = [...e.childNodes].some((n) => n.nodeType === Node.TEXT_NODE && n.data.trim()) || e.matches("input, textarea, select");
    if (!written) { continue; }
    const seen = getComputedStyle(e), alike = e.ownerSVGElement ? e : [place(e), seen.color, seen.backgroundColor].join();
    times.set(alike, (times.get(alike) || 0) + 1);
    if (times.get(alike) <= AT_MOST) { e.dataset.written = ""; }
  }
}
function look() {
  mark();
  axe.configure({ rules: [{ id: "color-contrast", selector: "[data-written]" }] });
  axe.run(document, { resultTypes: ["violations"] }).then(
    (found) => done(found.violations.filter((v) => GRAVE.includes(v.impact)).map((v) => v.id + " " + v.nodes[0].html)),
    (fallen) => done(["axe fell: " + fallen]));
}
if (window.axe) {
  look();
} else {
  const script = document.createElement("script");
  script.src = "/js/axe.min.js";
  script.onload = () => { script.remove(); look(); };
  script.onerror = () => done(["axe could not be loaded"]);
  document.head.append(script);
}
