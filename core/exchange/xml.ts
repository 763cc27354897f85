import { SaxesParser } from "saxes";

/** Deepest nesting that is read. */
const MAX_DEPTH = 100;

/** Where reading ended before the end of the document, and why. */
export interface XmlFault {
  /** From 1. */
  line: number;
  reason: string;
}

/** Local names of the open elements, the root first: a prefix is the author's choice (Namespaces in XML 1.0, section 4). */
export type ElementPath = readonly string[];

/**
 * Reads XML 1.0 and reports the text of the elements that are wanted, with the text of the elements within. Character
 * references and the five predefined entities are decoded; a document type is a fault, since its entities are a way to make
 * readers run out of memory. What stands before a fault is reported.
 */
export function readXml(
  text: string,
  wanted: (path: ElementPath) => boolean,
  report: (path: ElementPath, text: string) => void,
): { root: string | null; fault: XmlFault | null } {
  const parser = new SaxesParser({ xmlns: false, position: true });
  const path: string[] = [];
  /** Texts of the wanted elements that are open, by their depth. */
  const open: { depth: number; text: string }[] = [];
  let root: string | null = null;
  const stop = (reason: string): never => {
    throw new XmlStop({ line: parser.line, reason });
  };
  parser.on("error", (error) => stop(error.message.replace(/^\d+:\d+: /, "")));
  parser.on("doctype", () => stop("it declares a document type"));
  parser.on("opentag", ({ name }) => {
    const local = name.replace(/^.*:/, "");
    root ??= local;
    path.push(local);
    if (path.length > MAX_DEPTH) stop(`its elements are nested more than ${MAX_DEPTH} deep`);
    if (wanted(path)) open.push({ depth: path.length, text: "" });
  });
  const add = (more: string) => {
    for (const one of open) one.text += more;
  };
  parser.on("text", add);
  parser.on("cdata", add);
  /** Before it reports a wrong end tag, the parser closes the elements that have none. */
  const isClosed = ({ name, isSelfClosing }: { name: string; isSelfClosing: boolean }) =>
    isSelfClosing || text.startsWith(`</${name}`, text.lastIndexOf("<", parser.position - 1));
  parser.on("closetag", (tag) => {
    const one = open.at(-1);
    if (one?.depth === path.length) {
      open.pop();
      if (isClosed(tag)) report(path, one.text);
    }
    path.pop();
  });
  try {
    parser.write(text).close();
    return { root, fault: null };
  } catch (error) {
    if (error instanceof XmlStop) return { root, fault: error.fault };
    throw error;
  }
}

class XmlStop extends Error {
  constructor(readonly fault: XmlFault) {
    super(fault.reason);
  }
}
