import { remember } from "./remembered";

export const THEMES = ["light", "dark"] as const;
type Theme = (typeof THEMES)[number];

/** Shows the desk in a theme, and has the browser's own frame follow it. It is also run by itself before the first paint. */
export function showTheme(theme: Theme): void {
  document.documentElement.dataset.theme = theme;
  for (const meta of document.querySelectorAll<HTMLMetaElement>("meta[name=theme-color]"))
    meta.media = meta.dataset.of === theme ? "all" : "not all";
}

/** Whether the desk is dark now: the editor's choice, else the system's. */
function isDark(): boolean {
  const chosen = document.documentElement.dataset.theme;
  return chosen ? chosen === "dark" : matchMedia("(prefers-color-scheme: dark)").matches;
}

/** From light to dark, or the other way. */
export function switchTheme(): void {
  const theme = isDark() ? "light" : "dark";
  showTheme(theme);
  remember("theme", theme);
}
