// New class: refuses what is too large before it is sent.
import { refuseTooLarge } from "./paste-limit.js";

refuseTooLarge(document);
