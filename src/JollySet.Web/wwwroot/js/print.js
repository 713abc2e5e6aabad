// The print button, where there is script to press it for you.
const button = document.getElementById("print-now");
button.hidden = false;
button.addEventListener("click", () => window.print());
