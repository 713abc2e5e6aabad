import js from "@eslint/js";

const browser = Object.fromEntries(
  "document window location navigator localStorage AbortController URLSearchParams DOMPoint fetch FormData TextEncoder AudioContext OscillatorNode GainNode requestAnimationFrame setTimeout clearTimeout setInterval performance URL history DOMParser crypto matchMedia MutationObserver EventSource getComputedStyle innerHeight htmx Idiomorph Sortable"
    .split(" ")
    .map((name) => [name, "readonly"]),
);
const node = Object.fromEntries("process console Buffer setTimeout fetch URL URLSearchParams".split(" ").map((name) => [name, "readonly"]));

export default [
  js.configs.recommended,
  { files: ["src/**/*.js"], languageOptions: { globals: browser } },
  { files: ["tests/**/*.js", "frontend/**/*.mjs", "bench/**/*.js"], languageOptions: { globals: { ...node, ...browser } } },
];
