/* Keeps the page of a sitting at the chair, its picture and what it is drawn with, for when the connection drops. Of other pages it keeps
   nothing and touches nothing. */
"use strict";
const KEPT = "scree-chair";
const PAGE = /^\/sittings\/\d+\/chair$/;
const FILE = /^\/(css|js|fonts|webjars)\/|^\/favicon\.svg$/;
const PICTURE = /^\/pictures\/\d+\.jpg$/;
const AT_WORK = /<main id="chair"/;
const PATIENCE = 4000, DAY = 24 * 3600 * 1000;

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));

/* The page names what it needs; what no kept page needs any longer is let go. */
self.addEventListener("message", (event) => {
  if (event.data && event.data.keep) { event.waitUntil(keep(event.data.keep)); }
});
async function keep(addresses) {
  const cache = await caches.open(KEPT);
  const wanted = addresses.map((a) => new URL(a, location.origin));
  for (const url of wanted.filter((u) => FILE.test(u.pathname))) { await keepFile(cache, url.href).catch(away); }
  for (const url of wanted.filter((u) => !FILE.test(u.pathname))) {
    try {
      const answer = await fetch(url.href, { credentials: "same-origin" });
      if (worthKeeping(answer)) { await (PAGE.test(url.pathname) ? keepPage(url.href, answer) : cache.put(url.href, answer)); }
    } catch (gone) { away(); }
  }
  await letGo(cache, new Set(wanted.map((u) => u.href)));
}
function away() { /* the next visit keeps it */ }
function worthKeeping(answer) { return answer.ok && !answer.redirected && answer.type === "basic"; }
async function keepFile(cache, address) {
  if (await cache.match(address)) { return; }
  const answer = await fetch(address, { credentials: "same-origin" });
  if (!worthKeeping(answer)) { throw new Error(address); }
  await cache.put(address, answer);
}
/* With the files that this very page names: another process of Scree, or a newer one, may have written other names into the page before.
   A page without its files opens to nothing, so it is kept after them or not at all. What is shown before the work begins is not kept: a
   slow line would bring it back once the work has begun. */
async function keepPage(address, answer) {
  const text = await answer.clone().text();
  if (!AT_WORK.test(text)) { return; }
  const cache = await caches.open(KEPT);
  for (const file of named(address, text)) { await keepFile(cache, file); }
  await cache.put(address, answer);
}
function named(page, text) {
  return [...text.matchAll(/<(?:script|link)\b[^>]*?\s(?:src|href)="([^"]+)"/g)].map((m) => new URL(m[1], page))
    .filter((u) => u.origin === location.origin && FILE.test(u.pathname)).map((u) => u.href);
}
async function letGo(cache, wanted) {
  const files = [];
  for (const request of await cache.keys()) {
    const answer = await cache.match(request);
    if (FILE.test(new URL(request.url).pathname)) { files.push(request); }
    else if (past(answer)) { await cache.delete(request); }
    else if (PAGE.test(new URL(request.url).pathname)) { named(request.url, await answer.text()).forEach((f) => wanted.add(f)); }
  }
  for (const request of files) {
    if (!wanted.has(request.url)) { await cache.delete(request); }
  }
}

/* Of a client nothing is kept longer than a day. */
function past(answer) {
  const at = answer && Date.parse(answer.headers.get("date"));
  return at && Date.now() - at > DAY;
}

self.addEventListener("fetch", (event) => {
  const request = event.request, url = new URL(request.url);
  if (request.method !== "GET" || url.origin !== location.origin) { return; }
  if (PAGE.test(url.pathname) && request.mode === "navigate") { event.respondWith(page(event)); }
  else if (PICTURE.test(url.pathname)) { event.respondWith(fetch(request).catch(() => kept(request))); }
  else if (FILE.test(url.pathname)) { event.respondWith(file(request)); }
});
async function kept(request) {
  const found = await (await caches.open(KEPT)).match(request.url.split("#")[0]);
  return found || Response.error();
}
async function file(request) {
  const found = await (await caches.open(KEPT)).match(request.url);
  return found || fetch(request);
}
/* The newest page, or the kept one when there is no connection, or none worth the name. */
async function page(event) {
  const request = event.request;
  const asked = fetch(request);
  event.waitUntil(asked.then((answer) => worthKeeping(answer) && keepPage(request.url, answer.clone())).catch(away));
  const late = new Promise((resolve) => setTimeout(resolve, PATIENCE));
  try {
    return (await Promise.race([asked, late])) || (await kept(request).then((found) => found.type === "error" ? asked : found));
  } catch (gone) {
    return kept(request);
  }
}
