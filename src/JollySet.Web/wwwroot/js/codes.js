// The codes for a second screen, a remote and followers: made when they are asked for, shown in their place.

/** @param {string} token Against forgery. */
export function startCodes(token) {
  const place = document.getElementById("codes");
  place.addEventListener("submit", async (event) => {
    event.preventDefault();
    event.stopPropagation();
    const answer = await fetch(event.target.action, { method: "POST", headers: { "X-Antiforgery": token } });
    if (!answer.ok) return;
    const parts = new DOMParser().parseFromString(await answer.text(), "text/html");
    place.replaceChildren(...parts.body.children);
  });
}

/**
 * How far this device's clock is ahead of the server's, in ms, by the quickest of a few answers.
 * @param {() => number} now
 * @param {number} speed
 */
export async function aheadOfServer(now, speed) {
  let [best, ahead] = [Infinity, 0];
  for (let i = 0; i < 5; i++) {
    const sent = performance.now();
    const answer = await fetch("/live/time", { cache: "no-store" });
    const server = Number(await answer.text());
    const took = performance.now() - sent;
    if (took < best) [best, ahead] = [took, now() - (server + took / 2) * speed];
  }
  return Math.round(ahead);
}
