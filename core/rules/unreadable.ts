/** The one finding of a page that could not be read: no rule looks at it. */
export const UNREADABLE = "page/unreadable";
