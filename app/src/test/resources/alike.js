// Marks text for the rule of contrast: of what is written alike (same place in the page's build, same colours of its own), the first two.
// Text in drawings is all marked: what lies behind it is told by no class.
const AT_MOST = 2, STATES = ["hidden", "disabled", "open", "aria-current", "aria-pressed", "aria-selected", "aria-disabled", "aria-busy"];
const times = new Map();
function look(e) {
  const own = STATES.filter((s) => e.hasAttribute(s)).map((s) => s + e.getAttribute(s)).join();
  return [e.localName, e.className.baseVal || e.className, e.getAttribute("style"), own, e.checked].join("|");
}
function place(e) {
  return e ? place(e.parentElement) + ">" + look(e) : "";
}
for (const e of document.body.querySelectorAll("*")) {
  const written = [...e.childNodes].some((n) => n.nodeType === Node.TEXT_NODE && n.data.trim()) || e.matches("input, textarea, select");
  if (!written) { continue; }
  const seen = getComputedStyle(e), alike = e.ownerSVGElement ? e : [place(e), seen.color, seen.backgroundColor].join();
  times.set(alike, (times.get(alike) || 0) + 1);
  if (times.get(alike) <= AT_MOST) { e.dataset.written = ""; }
}
