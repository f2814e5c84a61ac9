/* Keeps the page of a sitting at the chair, its picture and what it is drawn with, for when the connection drops. Of other pages it keeps
   nothing and touches nothing. */
"use strict";
const KEPT = "scree-chair";
const PAGE = /^\/sittings\/\d+\/chair$/;
const FILE = /^\/(css|js|fonts|webjars)\/|^\/favicon\.svg$/;
const PICTURE = /^\/pictures\/\d+\.jpg$/;
const PATIENCE = 4000, DAY = 24 * 3600 * 1000;

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));

/* The page names what it needs; what is no longer named is let go. */
self.addEventListener("message", (event) => {
  if (event.data && event.data.keep) { event.waitUntil(keep(event.data.keep)); }
});
async function keep(addresses) {
  const cache = await caches.open(KEPT);
  const wanted = addresses.map((a) => new URL(a, location.origin).href);
  wanted.sort((a, b) => FILE.test(new URL(b).pathname) - FILE.test(new URL(a).pathname)); // a page without its files opens to nothing
  for (const address of wanted) {
    const known = await cache.match(address);
    if (known && FILE.test(new URL(address).pathname)) { continue; }
    try {
      const answer = await fetch(address, { credentials: "same-origin" });
      if (answer.ok && !answer.redirected) { await cache.put(address, answer); }
    } catch (away) { /* the next visit keeps it */ }
  }
  for (const request of await cache.keys()) {
    const old = FILE.test(new URL(request.url).pathname) ? !wanted.includes(request.url) : await past(await cache.match(request));
    if (old) { await cache.delete(request); }
  }
}

/* Of a client nothing is kept longer than a day. */
async function past(answer) {
  const at = answer && Date.parse(answer.headers.get("date"));
  return at && Date.now() - at > DAY;
}

self.addEventListener("fetch", (event) => {
  const request = event.request, url = new URL(request.url);
  if (request.method !== "GET" || url.origin !== location.origin) { return; }
  if (PAGE.test(url.pathname) && request.mode === "navigate") { event.respondWith(page(request)); }
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
async function page(request) {
  const asked = fetch(request).then(async (answer) => {
    if (answer.ok && !answer.redirected && answer.type === "basic") { await (await caches.open(KEPT)).put(request.url, answer.clone()); }
    return answer;
  });
  const late = new Promise((resolve) => setTimeout(resolve, PATIENCE));
  try {
    return (await Promise.race([asked, late])) || (await kept(request).then((found) => found.type === "error" ? asked : found));
  } catch (away) {
    return kept(request);
  }
}
