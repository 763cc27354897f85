/** The subjects of rules, the first part of their ids, in the order in which they are shown, and what they are called. */
export const SUBJECTS: Readonly<Record<string, string>> = {
  title: "Titles",
  description: "Descriptions",
  slug: "Slugs",
  canonical: "Canonical addresses",
  alternate: "Versions in other languages",
  heading: "Headings",
  body: "Body",
  image: "Pictures",
  link: "Links",
  control: "Buttons and fields",
  frame: "Frames",
  head: "Head",
  "open-graph": "Sharing",
  markup: "Markup",
  data: "Structured data",
  "keywords-meta": "Meta keywords",
  phrase: "Phrases",
};

/** The subject of a rule, by its id. */
export const subjectOf = (id: string): string => id.split("/")[0] ?? "";
