/** The keys of a screen that do one thing, or two that belong together. */
export interface Shortcut {
  keys: readonly string[];
  does: string;
}

/** What is known of every screen: routes and `?` are made from it. */
export interface AnyScreen {
  /** Below the site's address. */
  path: string;
  /** Its route module. */
  module: string;
  keys?: readonly Shortcut[];
}

/** A screen of a site: everything that others know of it. Rail and palette are made from it as well. */
export interface Screen extends AnyScreen {
  name: string;
  /** What the palette calls going there. */
  command: string;
  /** It stands in the rail, with an icon of its own (`ICONS` in ui/frame.tsx). */
  inRail?: true;
  /** The screen that offers it, where that is not the table of pages. */
  under?: string;
  /** The columns of the table beside which it is offered. */
  beside?: string;
  /** The site's name leads to it. */
  byName?: true;
}

/** The keys of numbered notes. */
const NOTE_KEYS: readonly Shortcut[] = [
  { keys: ["J", "K"], does: "Next and previous note" },
  { keys: ["."], does: "Apply the fix of the selected note" },
  { keys: ["Esc"], does: "Leave the field" },
];

/** The screens of one page. */
const pageScreens = {
  desk: {
    path: "pages/:page",
    module: "routes/desk.tsx",
    keys: [
      { keys: ["Enter"], does: "Edit the title" },
      ...NOTE_KEYS,
      { keys: ["[", "]"], does: "Previous and next page" },
      { keys: ["N", "Shift N"], does: "Next and previous place of the phrase that is marked" },
      { keys: ["↑", "↓", "Home", "End"], does: "Previous, next, first and last heading of the outline" },
      { keys: ["1 – 6"], does: "Level of the heading that has the focus" },
      { keys: ["←", "→"], does: "One level up or down; with Shift, all below it too" },
      { keys: ["F2"], does: "Change the heading’s words" },
      { keys: ["Delete"], does: "Take the heading out" },
      { keys: ["Ctrl Enter"], does: "Mark the page ready" },
    ],
  },
  data: { path: "pages/:page/data", module: "routes/data.tsx", keys: NOTE_KEYS },
} as const satisfies Record<string, AnyScreen>;

const screens = {
  findings: {
    path: "findings",
    module: "routes/findings.tsx",
    name: "Findings",
    command: "Go to the findings",
    inRail: true,
    keys: [
      { keys: ["J", "K"], does: "Next and previous line" },
      { keys: ["Enter"], does: "Open the line, or close it" },
      { keys: ["/"], does: "Find a finding" },
    ],
  },
  pages: {
    path: "pages",
    module: "routes/pages.tsx",
    name: "Pages",
    command: "Go to the pages",
    inRail: true,
    keys: [
      { keys: ["Arrows, Home, End"], does: "Move in the table; with Shift, mark a block" },
      { keys: ["Enter"], does: "Edit the cell, or open the page" },
      { keys: ["Tab, Esc"], does: "In a cell: keep and go on; leave as it was" },
      { keys: ["Tab"], does: "From the table: on to what is done with the selected pages" },
      { keys: ["Ctrl C", "Ctrl V"], does: "Copy a block out, paste one in" },
      { keys: ["Space"], does: "Select the page" },
      { keys: ["Ctrl A"], does: "Select all that are shown" },
      { keys: ["/"], does: "Find among the pages" },
    ],
  },
  phrases: {
    path: "phrases",
    module: "routes/phrases.tsx",
    name: "Phrases",
    command: "Go to the phrases",
    inRail: true,
    keys: [
      { keys: ["J", "K"], does: "Next and previous phrase" },
      { keys: ["/"], does: "Find a phrase" },
    ],
  },
  performance: {
    path: "performance",
    module: "routes/performance.tsx",
    name: "Performance",
    command: "Performance: which pages first",
    under: "phrases",
  },
  lineUp: {
    path: "line-up",
    module: "routes/line-up.tsx",
    name: "Line-up",
    command: "Line-up: your result among others",
    inRail: true,
    keys: [{ keys: ["↑", "↓"], does: "Move your result whose number has the focus" }],
  },
  houseStyle: {
    path: "house-style",
    module: "routes/house-style.tsx",
    name: "House style",
    command: "House style of this site",
    inRail: true,
  },
  headings: {
    path: "headings",
    module: "routes/headings.tsx",
    name: "Patterns of headings",
    command: "Patterns of headings on this site",
    beside: "outlines",
  },
  pictures: {
    path: "pictures",
    module: "routes/pictures.tsx",
    name: "Pictures",
    command: "Pictures of this site",
    beside: "bodies",
  },
  html: {
    path: "html",
    module: "routes/html.tsx",
    name: "Check the HTML",
    command: "Check the HTML of this site",
    beside: "bodies",
  },
  siteData: {
    path: "site-data",
    module: "routes/site-data.tsx",
    name: "Structured data for every page",
    command: "Structured data for every page",
    beside: "data",
  },
  site: {
    path: "site",
    module: "routes/site-page.tsx",
    name: "This site",
    command: "This site: name, address, backup, removal",
    byName: true,
  },
} as const satisfies Record<string, Screen>;

/** The screens of a site, in the order of rail and palette. */
export const SCREENS: readonly Screen[] = Object.values(screens);

/** Those that stand in the rail. */
export const RAIL = Object.values(screens).filter((one) => "inRail" in one);

export const PAGE_SCREENS: readonly AnyScreen[] = Object.values(pageScreens);

export const pageScreenOf = (name: keyof typeof pageScreens): AnyScreen => pageScreens[name];

export const screenOf = (name: keyof typeof screens): Screen => screens[name];

/** The screens that are offered beside a set of the table's columns. */
export const besideColumns = (set: string): readonly Screen[] => SCREENS.filter(({ beside }) => beside === set);

export const linkTo = (site: { id: string }, { path }: AnyScreen): string => `/sites/${site.id}/${path}`;

/** Where a page's desk or another of its screens is. */
export const linkToPage = (siteId: string, pageId: string, name: keyof typeof pageScreens = "desk"): string =>
  `/sites/${siteId}/${pageScreens[name].path.replace(":page", () => pageId)}`;
