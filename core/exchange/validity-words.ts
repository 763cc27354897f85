/** Elements whose end tag may be left out (HTML Living Standard 13.1.2.4). */
export const ENDS_BY_ITSELF: ReadonlySet<string> = new Set(
  "html head body li dt dd p rt rp optgroup option colgroup caption thead tbody tfoot tr td th".split(" "),
);

/** Parse errors of the HTML standard (13.2.2) in our words; those that are not named here have no sentence of their own. */
export const PARSE_ERRORS: Readonly<Record<string, string>> = {
  "abrupt-closing-of-empty-comment": "A comment ends before it has begun: write it as <!-- … -->.",
  "abrupt-doctype-public-identifier": "The doctype ends in the middle. Write <!DOCTYPE html>.",
  "cdata-in-html-content": "CDATA stands outside of a drawing or a formula; browsers take it for a comment.",
  "eof-before-tag-name": "The source ends with a < that begins no tag.",
  "eof-in-comment": "A comment is not closed: all behind it is part of the comment.",
  "eof-in-tag": "The source ends inside a tag; browsers drop it.",
  "end-tag-with-attributes": "An end tag has attributes, which do nothing there.",
  "end-tag-with-trailing-solidus": "An end tag has a second slash, which does nothing there.",
  "incorrectly-closed-comment": "A comment is closed by --!>. Write -->.",
  "incorrectly-opened-comment": "Something begins with <! and is neither a comment nor the doctype; browsers hide it.",
  "invalid-first-character-of-tag-name": "A < stands here that begins no tag: write &lt;.",
  "misplaced-doctype": "The doctype stands in the middle of the page, where it does nothing.",
  "duplicate-attribute": "An attribute stands twice in this tag; the first counts.",
  "missing-semicolon-after-character-reference": "A reference such as &nbsp; ends without its semicolon.",
  "missing-whitespace-between-attributes": "A space is missing between two attributes.",
  "non-conforming-doctype": "The doctype is one of an older HTML. Write <!DOCTYPE html>.",
  "unknown-named-character-reference": "There is no such reference: write &amp; for the &.",
  "missing-attribute-value": "An attribute has an equals sign and no value.",
  "missing-doctype":
    "The page has no doctype, so that browsers show it as they did in the nineties. Begin it with <!DOCTYPE html>.",
  "missing-end-tag-name": "An end tag without a name stands here: </>.",
  "nested-comment": "A comment stands in a comment; the first --> ends both.",
  "non-void-html-element-start-tag-with-trailing-solidus":
    "A slash at the end of this tag does nothing: the element is open until its end tag.",
  "null-character-reference": "A reference stands for the character 0, which no page may hold.",
  "unexpected-character-in-attribute-name": "A stray quotation mark or < stands among the attributes of this tag.",
  "unexpected-character-in-unquoted-attribute-value":
    "A value without quotation marks holds one, or a <, = or `. Put the value in quotation marks.",
  "unexpected-equals-sign-before-attribute-name": "An equals sign stands here with no attribute before it.",
  "unexpected-null-character": "The source holds the character 0.",
  "unexpected-question-mark-instead-of-tag-name":
    "Something begins with <?, which HTML does not have; browsers hide it.",
  "unexpected-solidus-in-tag": "A slash stands in the middle of this tag.",
};

/** Parse errors that the validator reports too, with more words, by its rules. */
export const REPORTED_BY: Readonly<Record<string, string>> = {
  "duplicate-attribute": "no-dup-attr",
  "missing-semicolon-after-character-reference": "unrecognized-char-ref",
  "non-conforming-doctype": "doctype-html",
  "unknown-named-character-reference": "unrecognized-char-ref",
};

/** What the validator says badly, as we say it: by rule, the form of its message and ours. */
export const SAID_ANEW: Readonly<Record<string, readonly (readonly [RegExp, string])[]>> = {
  "attr-spacing": [[/./, "A space is missing between two attributes."]],
  "close-order": [
    [/^Unclosed element '<([^>]+)>'/, "The $1 element is not closed."],
    [/^Stray end tag '<\/([^>]+)>'/, "An end tag of $1 stands here and closes nothing."],
    [/^End tag '<\/([^>]+)>'/, "The $1 element ends here while elements in it are still open."],
  ],
  "doctype-html": [[/./, "The doctype is one of an older HTML. Write <!DOCTYPE html>."]],
  "element-permitted-content": [
    [/^<([^>]+)> element is not permitted as content under <([^>]+)>/, "A $1 element may not stand in a $2 element."],
    [
      /^<([^>]+)> element is not permitted as a descendant of <([^>]+)>/,
      "A $1 element may not stand anywhere in a $2 element.",
    ],
  ],
  "element-permitted-parent": [
    [/^<([^>]+)> element requires an? (.+) element as parent/, "A $1 element may only stand in $2."],
  ],
  "element-required-attributes": [
    [/^<([^>]+)> is missing required "([^"]+)" attribute/, "The $1 element needs the attribute $2."],
  ],
  "element-permitted-occurrences": [
    [/^Element <([^>]+)> can only appear once under <([^>]+)>/, "A $1 element may stand only once in a $2 element."],
  ],
  "element-required-content": [
    [/^<([^>]+)> element must have <([^>]+)> as content/, "A $1 element must hold a $2 element."],
  ],
  "no-dup-id": [[/^Duplicate ID "([^"]*)"/, "The id “$1” stands on the page more than once."]],
  "no-dup-attr": [[/^Attribute "([^"]+)" duplicated/, "The attribute $1 stands twice in this tag; the first counts."]],
  "no-raw-characters": [
    [/^Raw "<"/, "A < stands in the text as it is: write &lt;."],
    [/^Raw "&"/, "An & stands in the text as it is: write &amp;."],
  ],
  "void-content": [[/^End tag for <([^>]+)>/, "A $1 element has no end tag: take it out."]],
};
