import { remember } from "./remembered";

/** Whether the desk is dark now: the editor's choice, else the system's. */
function isDark(): boolean {
  const chosen = document.documentElement.dataset.theme;
  return chosen ? chosen === "dark" : matchMedia("(prefers-color-scheme: dark)").matches;
}

/** From light to dark, or the other way. */
export function switchTheme(): void {
  const theme = isDark() ? "light" : "dark";
  document.documentElement.dataset.theme = theme;
  remember("theme", theme);
}
