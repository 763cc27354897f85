import { BookOpenText, Code, Files, ImageIcon, ListTree, type LucideIcon, Network } from "lucide-react";

/** A key of a screen, and what it does. */
export interface Shortcut {
  keys: string;
  does: string;
}

/** A screen of a site: everything that others know of it. Routes, rail, palette and `?` are made from it. */
export interface Screen {
  /** Below the site's address. */
  path: string;
  /** Its route module. */
  module: string;
  name: string;
  /** What the palette calls going there. */
  command: string;
  /** It stands in the rail. */
  icon: LucideIcon;
  inRail?: true;
  /** The columns of the table beside which it is offered. */
  beside?: string;
  keys?: readonly Shortcut[];
}

const screens = {
  pages: {
    path: "pages",
    module: "routes/pages.tsx",
    name: "Pages",
    command: "Go to the pages",
    icon: Files,
    inRail: true,
    keys: [
      { keys: "Arrows, Home, End", does: "Move in the table; with Shift, mark a block" },
      { keys: "Enter", does: "Edit the cell, or open the page" },
      { keys: "Tab, Esc", does: "Keep and go on; leave as it was" },
      { keys: "Ctrl C / Ctrl V", does: "Copy a block out, paste one in" },
      { keys: "Space", does: "Select the page" },
      { keys: "Ctrl A", does: "Select all that are shown" },
      { keys: "/", does: "Find among the pages" },
    ],
  },
  houseStyle: {
    path: "house-style",
    module: "routes/house-style.tsx",
    name: "House style",
    command: "House style of this site",
    icon: BookOpenText,
    inRail: true,
  },
  headings: {
    path: "headings",
    module: "routes/headings.tsx",
    name: "Patterns of headings",
    command: "Patterns of headings on this site",
    icon: ListTree,
    beside: "outlines",
  },
  pictures: {
    path: "pictures",
    module: "routes/pictures.tsx",
    name: "Pictures",
    command: "Pictures of this site",
    icon: ImageIcon,
    beside: "bodies",
  },
  html: {
    path: "html",
    module: "routes/html.tsx",
    name: "Check the HTML",
    command: "Check the HTML of this site",
    icon: Code,
    beside: "bodies",
  },
  siteData: {
    path: "site-data",
    module: "routes/site-data.tsx",
    name: "Structured data for every page",
    command: "Structured data for every page",
    icon: Network,
    beside: "data",
  },
} as const satisfies Record<string, Screen>;

/** The screens of a site, in the order of rail and palette. */
export const SCREENS: readonly Screen[] = Object.values(screens);

export const screenOf = (name: keyof typeof screens): Screen => screens[name];

/** The screens that are offered beside a set of the table's columns. */
export const besideColumns = (set: string): readonly Screen[] => SCREENS.filter(({ beside }) => beside === set);

export const linkTo = (site: { id: string }, { path }: Pick<Screen, "path">): string => `/sites/${site.id}/${path}`;
