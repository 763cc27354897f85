import type { Root } from "mdast";
import { fromMarkdown } from "mdast-util-from-markdown";
import { frontmatterFromMarkdown } from "mdast-util-frontmatter";
import { gfmFromMarkdown } from "mdast-util-gfm";
import { frontmatter } from "micromark-extension-frontmatter";
import { gfm } from "micromark-extension-gfm";

export { Composer, isAlias, isMap, isNode, isScalar, isSeq, Parser, parseDocument } from "yaml";

/** The tree of a Markdown file: CommonMark with tables and the like, and front matter. */
export const markdownTree = (source: string): Root =>
  fromMarkdown(source, {
    extensions: [frontmatter("yaml"), gfm()],
    mdastExtensions: [frontmatterFromMarkdown("yaml"), gfmFromMarkdown()],
  });
