/** How headings over instructions begin, in words that no other language uses otherwise. Common practice, no source. */
const ANYWHERE =
  /^(?:how (?:to|do you|we)\b|step by step|so (?:geht|macht|bindet)|anleitung|comment\s+\p{L}+(?:er|ir|re)\b)/iu;
/** The same, in words that mean something else in other languages (“Come here”). Common practice, no source. */
const BY_LANGUAGE: Readonly<Record<string, RegExp>> = {
  da: /^(?:hvordan man|sådan)(?!\p{L})/iu,
  de: /^wie (?:man|du|sie)(?!\p{L})/iu,
  es: /^cómo\s+\p{L}+[aei]r(?!\p{L})/iu,
  it: /^come\s+\p{L}+[aei]re(?!\p{L})/iu,
  nl: /^hoe (?:je|u|men)(?!\p{L})/iu,
  pt: /^como\s+\p{L}+[aei]r(?!\p{L})/iu,
  sv: /^(?:hur man|så här)(?!\p{L})/iu,
};

/** Whether a heading says how something is done. `language` is a BCP 47 tag, or "". */
export const isHowTo = (heading: string, language: string): boolean =>
  ANYWHERE.test(heading) || BY_LANGUAGE[language.slice(0, 2).toLowerCase()]?.test(heading) === true;
