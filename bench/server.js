// Starts a server for a measurement and waits until it answers.
import { spawn } from "node:child_process";
import { setTimeout as sleep } from "node:timers/promises";

/** @param {string} dll @param {number} port @param {Record<string, string>} settings */
export const serve = async (dll, port, settings) => {
  const server = spawn("dotnet", [dll], {
    env: { ...process.env, ASPNETCORE_URLS: `http://127.0.0.1:${port}`, ...settings },
    stdio: "ignore",
  });
  for (let i = 0; i < 100; i++) {
    if (
      await fetch(`http://127.0.0.1:${port}/`).then(
        () => true,
        () => false,
      )
    )
      return server;
    await sleep(200);
  }
  throw new Error(`${dll} did not start`);
};
