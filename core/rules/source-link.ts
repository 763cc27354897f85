import type { Source } from "./rule.ts";

/** Where published sources are read. */
const PUBLISHED: readonly (readonly [name: RegExp, address: (match: RegExpExecArray) => string])[] = [
  [/\bRFC (\d+)/, ([, number]) => `https://www.rfc-editor.org/rfc/rfc${number}`],
  [/\bWCAG 2\.2\b/, () => "https://www.w3.org/TR/WCAG22/"],
  [/\bHTML Living Standard\b/, () => "https://html.spec.whatwg.org/multipage/"],
  [/\b(?:WHATWG URL|URL Standard)\b/, () => "https://url.spec.whatwg.org/"],
  [/\bJSON-LD 1\.1\b/, () => "https://www.w3.org/TR/json-ld11/"],
  [/\bOpen Graph\b/, () => "https://ogp.me/"],
  [/\bschema\.org\b/, () => "https://schema.org/"],
];

/** The address at which a rule's source can be read; null for common practice, which is published nowhere. */
export function sourceLink({ kind, text }: Source): string | null {
  if (kind !== "standard") return null;
  for (const [name, address] of PUBLISHED) {
    const match = name.exec(text);
    if (match) return address(match);
  }
  return null;
}
