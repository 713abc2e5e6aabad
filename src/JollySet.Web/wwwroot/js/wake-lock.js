// Keeps the screen awake while a class is taught; says how to do it by hand where the browser cannot.

/** @param {(words: string, lost: boolean) => void} tell Says how it stands, before the class and, where it is lost, during it. */
export async function keepAwake(tell) {
  if (!("wakeLock" in navigator)) {
    tell("This browser cannot keep the screen awake: set the screen’s own time-out to never for the class.", true);
    return;
  }
  const ask = async () => {
    if (document.visibilityState !== "visible") return;
    try {
      const lock = await navigator.wakeLock.request("screen");
      tell("The screen will stay awake.", false);
      lock.addEventListener("release", () => {
        if (document.visibilityState === "visible") ask();
        else tell("The screen was let go dark while this page was hidden.", true);
      });
    } catch {
      tell("The screen may go dark: set its time-out to never for the class.", true);
    }
  };
  document.addEventListener("visibilitychange", ask);
  await ask();
}
