// Installs Chromium where it is missing and may be; otherwise says what to do.
import { ensureChromium } from "./chromium.mjs";

ensureChromium();
