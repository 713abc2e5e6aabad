// Before the class: whether everything is ready, looked at anew while it is waited for.
const AGAIN_MS = 5000;
const list = document.getElementById("ready-list");

/** Whether what is pressed is kept on this device while the server is away. */
function keeps() {
  try {
    localStorage.setItem("ready", "yes");
    localStorage.removeItem("ready");
    return true;
  } catch {
    return false;
  }
}

const answers = () =>
  fetch("/live/time", { cache: "no-store" }).then(
    (answer) => answer.ok,
    () => false,
  );

async function look() {
  if (document.getElementById("main").dataset.state !== "before") return;
  const found = [
    [navigator.userActivation?.hasBeenActive, "The sound is awake – hear it below.", "The sound sleeps until something here is pressed."],
    [await answers(), "The server answers.", "The server does not answer; the clock goes on here all the same."],
    [keeps(), "What is pressed is kept here until the server has it.", "This device keeps nothing: do not close this page in the class."],
  ];
  list.replaceChildren(
    ...found.map(([isReady, ready, not]) =>
      Object.assign(document.createElement("li"), { className: isReady ? "is-ready" : "", textContent: isReady ? ready : not }),
    ),
  );
}

for (const pressed of ["pointerup", "keyup"]) document.addEventListener(pressed, look);
setInterval(look, AGAIN_MS);
look();
