// Keeps the screen awake while a class is taught; says how to do it by hand where the browser cannot.

/** @param {(words: string) => void} tell */
export async function keepAwake(tell) {
  if (!("wakeLock" in navigator)) {
    tell("This browser cannot keep the screen awake: set the screen’s own time-out to never for the class.");
    return;
  }
  const ask = async () => {
    if (document.visibilityState !== "visible") return;
    try {
      await navigator.wakeLock.request("screen");
      tell("The screen will stay awake.");
    } catch {
      tell("The screen may go dark: set its time-out to never for the class.");
    }
  };
  document.addEventListener("visibilitychange", ask);
  await ask();
}
