import { Token, type TokenHandler, Tokenizer } from "parse5";

/** Where a token stands: two offsets in UTF-16 code units, where parse5 would make objects with lines and columns. */
export interface Offsets {
  startOffset: number;
  endOffset: number;
}

/** Private members of parse5's tokenizer that `OffsetTokenizer` uses; tokenizer.test.ts checks that they are there. */
interface Parse5Tokenizer {
  preprocessor: {
    html: string;
    pos: number;
    readonly offset: number;
    bufferWaterline: number;
    skipNextNewLine: boolean;
    advance(): number;
  };
  /** The parser. */
  handler: TokenHandler & { insertionMode: number; skipNextNewLine: boolean };
  state: number;
  active: boolean;
  paused: boolean;
  inLoop: boolean;
  inForeignNode: boolean;
  runStart: number;
  runEnd: number;
  currentLocation: Offsets;
  currentCharacterToken: Token.CharacterToken | null;
  currentToken: Token.Token | null;
  currentAttr: Token.Attribute;
  currentAttrLocation: null;
  write(source: string, isLast: boolean): void;
  emitCurrentTagToken(): void;
  emitCurrentComment(token: Token.CommentToken): void;
  _callState(codePoint: number): void;
  _ensureCharacterToken(type: Token.TokenType): void;
  _flushRun(text: string): void;
}

const Parse5 = Tokenizer as unknown as new (options: object, handler: object) => Parse5Tokenizer;

// States of the tokenizer in which text is read, and insertion modes of the parser, by parse5's numbers.
export const STATES = { data: 0, rcdata: 1, rawtext: 2, scriptData: 3 } as const;
export const MODES = { inBody: 6, text: 7, inCaption: 10, inCell: 14 } as const;
/** Insertion modes that insert words and the white space between them in the same way. */
const MODES_OF_TEXT: ReadonlySet<number> = new Set(Object.values(MODES));

const { CHARACTER, WHITESPACE_CHARACTER } = Token.TokenType;
const [SPACE_KIND, NAME_KIND, VALUE_KIND] = [1, 2, 4];
/** What a UTF-16 code unit may be part of: white space, a name in lower case, an attribute value without quotation marks. */
const KINDS = new Uint8Array(0x10000);
for (const sign of "\t\n\f ") KINDS[sign.charCodeAt(0)] = SPACE_KIND;
for (let code = 0x21; code < 0x7f; code++) {
  const sign = String.fromCharCode(code);
  const isName = !/[A-Z"'<=>/&]/.test(sign);
  const isValue = !/["'<=>`&]/.test(sign);
  KINDS[code] = (isName ? NAME_KIND : 0) | (isValue ? VALUE_KIND : 0);
}
const [QUOTE, APOSTROPHE, SLASH, LESS, EQUALS, GREATER, EXCLAMATION, LINE_FEED] = [34, 39, 47, 60, 61, 62, 33, 10];
/** parse5 looks for a name among so many attributes one by one; a tag with more is left to it. */
const MOST_ATTRIBUTES = 64;

const isKind = (code: number, kind: number) => ((KINDS[code] ?? 0) & kind) !== 0;

/**
 * parse5's tokenizer with offsets only, which reads plain text, tags and comments in one step each. parse5 itself reads one
 * code unit at a time and makes a token of every word. Everything that is not plain is left to its own states: character
 * references, capitals in names, carriage returns, NUL, and every parse error. Trees and offsets are those of parse5
 * (tokenizer.test.ts).
 */
export class OffsetTokenizer extends Parse5 {
  /** Up to here the source is read by parse5's own states. */
  private slowUntil = 0;
  private readonly less = new NextSign("<");
  private readonly references = new NextSign("&");
  private readonly returns = new NextSign("\r");
  private readonly nuls = new NextSign("\0");

  getCurrentLocation(offset: number): Offsets {
    return { startOffset: this.preprocessor.offset - offset, endOffset: -1 };
  }

  _createAttr(first: string): void {
    this._flushRun("");
    this.currentAttr = { name: first, value: "" };
    this.currentAttrLocation = null;
  }

  prepareToken(token: { location: Offsets }): void {
    this._emitCurrentCharacterToken(token.location);
    this.currentToken = null;
    const end = this.preprocessor.offset + 1;
    token.location.endOffset = end;
    this.currentLocation = { startOffset: end, endOffset: -1 };
  }

  _emitCurrentCharacterToken(next: Offsets | null): void {
    this._flushRun("");
    const token = this.currentCharacterToken;
    if (!token) return;
    if (next && token.location) token.location.endOffset = next.startOffset;
    if (token.type === CHARACTER) this.handler.onCharacter(token);
    else if (token.type === WHITESPACE_CHARACTER) this.handler.onWhitespaceCharacter(token);
    else this.handler.onNullCharacter(token);
    this.currentCharacterToken = null;
  }

  override write(source: string, isLast: boolean): void {
    // Nothing of the source is dropped: positions in it are offsets.
    this.preprocessor.bufferWaterline = Number.POSITIVE_INFINITY;
    super.write(source, isLast);
  }

  _runParsingLoop(): void {
    if (this.inLoop) return;
    this.inLoop = true;
    const { preprocessor } = this;
    while (this.active && !this.paused) {
      const mayBePlain = this.state <= STATES.scriptData && preprocessor.pos + 1 >= this.slowUntil;
      if (mayBePlain && !preprocessor.skipNextNewLine && this.readPlain()) continue;
      this._callState(preprocessor.advance());
    }
    this.inLoop = false;
  }

  /** Reads what is plain from the current position on; false if parse5 has to read there. */
  private readPlain(): boolean {
    const { html, pos } = this.preprocessor;
    const at = pos + 1;
    if (at >= html.length) return false;
    const isTag = html.charCodeAt(at) === LESS;
    if (isTag && this.state === STATES.data && this.readMarkup(html, at)) return true;
    const end = isTag ? at : this.endOfText(html, at);
    if (end > at) return this.readText(html, at, end);
    this.slowUntil = at + 1;
    return false;
  }

  /** Where the text at an offset ends: at markup, a reference, a carriage return or NUL. */
  private endOfText(html: string, at: number): number {
    const end = Math.min(this.less.from(html, at), this.oddFrom(html, at));
    return this.state <= STATES.rcdata ? Math.min(end, this.references.from(html, at)) : end;
  }

  /** The next carriage return or NUL. */
  private oddFrom(html: string, at: number): number {
    return Math.min(this.returns.from(html, at), this.nuls.from(html, at));
  }

  private readText(html: string, at: number, end: number): boolean {
    const { handler } = this;
    const isText = this.inForeignNode || MODES_OF_TEXT.has(handler.insertionMode);
    let words = at;
    while (words < end && isKind(html.charCodeAt(words), SPACE_KIND)) words++;
    if (words === end) {
      const goesOn = isText && this.currentCharacterToken?.type === CHARACTER;
      this.take(goesOn ? CHARACTER : WHITESPACE_CHARACTER, at, end);
      return true;
    }
    if (isText) {
      // The parser leaves out a line feed that begins a `pre`, and sees it only as white space.
      const dropsFirst = handler.skipNextNewLine && html.charCodeAt(at) === LINE_FEED;
      if (dropsFirst) this.take(WHITESPACE_CHARACTER, at, words);
      else this.take(CHARACTER, at, end);
      return true;
    }
    this.slowUntil = end;
    if (words === at) return false;
    this.take(WHITESPACE_CHARACTER, at, words);
    return true;
  }

  /** Adds a piece of the source to the current text. */
  private take(type: Token.CharacterToken["type"], from: number, to: number): void {
    const { preprocessor } = this;
    preprocessor.pos = from;
    if (this.currentCharacterToken?.type !== type) this._ensureCharacterToken(type);
    if (from !== this.runEnd) {
      this._flushRun("");
      this.runStart = from;
    }
    this.runEnd = to;
    preprocessor.pos = to - 1;
  }

  private readMarkup(html: string, at: number): boolean {
    const code = html.charCodeAt(at + 1);
    if (code === EXCLAMATION) return this.readComment(html, at);
    return code === SLASH ? this.readEndTag(html, at) : this.readStartTag(html, at);
  }

  private readEndTag(html: string, at: number): boolean {
    const end = endOfTagName(html, at + 2);
    const close = skipSpace(html, end);
    if (end < 0 || html.charCodeAt(close) !== GREATER) return false;
    this.emitTag(Token.TokenType.END_TAG, html.slice(at + 2, end), [], false, at, close);
    return true;
  }

  private readStartTag(html: string, at: number): boolean {
    const nameEnd = endOfTagName(html, at + 1);
    if (nameEnd < 0) return false;
    const attributes: Token.Attribute[] = [];
    let i = nameEnd;
    for (;;) {
      const from = skipSpace(html, i);
      const code = html.charCodeAt(from);
      if (code === GREATER) {
        this.emitTag(Token.TokenType.START_TAG, html.slice(at + 1, nameEnd), attributes, false, at, from);
        return true;
      }
      if (code === SLASH) {
        if (html.charCodeAt(from + 1) !== GREATER) return false;
        this.emitTag(Token.TokenType.START_TAG, html.slice(at + 1, nameEnd), attributes, true, at, from + 1);
        return true;
      }
      if (from === i) return false;
      i = this.readAttribute(html, from, attributes);
      if (i < 0) return false;
    }
  }

  /** Reads an attribute; gives the offset behind it, or -1 if parse5 has to read the tag. */
  private readAttribute(html: string, from: number, attributes: Token.Attribute[]): number {
    let i = from;
    while (isKind(html.charCodeAt(i), NAME_KIND)) i++;
    if (i === from || attributes.length >= MOST_ATTRIBUTES) return -1;
    const name = html.slice(from, i);
    let value = "";
    let code = html.charCodeAt(i);
    if (code === EQUALS) {
      const valueAt = i + 1;
      code = html.charCodeAt(valueAt);
      const isQuoted = code === QUOTE || code === APOSTROPHE;
      const begin = isQuoted ? valueAt + 1 : valueAt;
      const end = isQuoted ? html.indexOf(code === QUOTE ? '"' : "'", begin) : endOfBareValue(html, begin);
      if (end < 0 || this.oddFrom(html, begin) < end || this.references.from(html, begin) < end) return -1;
      value = html.slice(begin, end);
      i = isQuoted ? end + 1 : end;
      code = html.charCodeAt(i);
      if (!isKind(code, SPACE_KIND) && code !== GREATER && !(isQuoted && code === SLASH)) return -1;
    } else {
      // White space before “=” belongs to the attribute.
      const next = html.charCodeAt(skipSpace(html, i));
      if (next === EQUALS || (!isKind(code, SPACE_KIND) && code !== GREATER && code !== SLASH)) return -1;
    }
    for (const attribute of attributes) if (attribute.name === name) return i;
    attributes.push({ name, value });
    return i;
  }

  private emitTag(
    type: Token.TagToken["type"],
    tagName: string,
    attrs: Token.Attribute[],
    selfClosing: boolean,
    start: number,
    close: number,
  ): void {
    const location = { startOffset: start, endOffset: -1 } as Token.LocationWithAttributes;
    this._emitCurrentCharacterToken(location);
    this.preprocessor.pos = close;
    this.currentToken = { type, tagName, tagID: 0, selfClosing, ackSelfClosing: false, attrs, location };
    this.emitCurrentTagToken();
  }

  private readComment(html: string, at: number): boolean {
    if (!html.startsWith("--", at + 2)) return false;
    const from = at + 4;
    const end = html.indexOf("--", from);
    if (end < 0 || html.charCodeAt(end + 2) !== GREATER || this.oddFrom(html, from) < end) return false;
    const data = html.slice(from, end);
    if (/^-?>|^-|-$|<!/.test(data)) return false;
    const location = { startOffset: at, endOffset: -1 } as Token.Location;
    this._emitCurrentCharacterToken(location);
    this.preprocessor.pos = end + 2;
    this.emitCurrentComment({ type: Token.TokenType.COMMENT, data, location });
    return true;
  }
}

/** Where a sign stands next. What was found is remembered, so that all searches together go through a source once. */
class NextSign {
  private at = -1;

  constructor(private readonly sign: string) {}

  /** The next one at or behind an offset; the length of the source if there is none. */
  from(html: string, offset: number): number {
    if (this.at < offset) {
      const at = html.indexOf(this.sign, offset);
      this.at = at < 0 ? html.length : at;
    }
    return this.at;
  }
}

function skipSpace(html: string, from: number): number {
  let i = from;
  while (isKind(html.charCodeAt(i), SPACE_KIND)) i++;
  return i;
}

/** Where the name of a tag ends that begins with a small letter; -1 if it does not, or is not plain. */
function endOfTagName(html: string, from: number): number {
  const first = html.charCodeAt(from);
  if (!(first >= 97 && first <= 122)) return -1;
  let i = from + 1;
  while (isKind(html.charCodeAt(i), NAME_KIND)) i++;
  const code = html.charCodeAt(i);
  return isKind(code, SPACE_KIND) || code === GREATER || code === SLASH ? i : -1;
}

/** Where a value without quotation marks ends; -1 if it is empty. */
function endOfBareValue(html: string, from: number): number {
  let i = from;
  while (isKind(html.charCodeAt(i), VALUE_KIND)) i++;
  return i === from ? -1 : i;
}
