/** A document's title, what is nearest first: tabs and windows show its beginning, and screen readers speak it. */
export const titled = (...names: (string | undefined)[]) => [
  { title: [...names.filter(Boolean), "Keen Quill"].join(" · ") },
];
