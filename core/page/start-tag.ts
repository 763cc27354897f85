/** An attribute's place in a start tag, in offsets of the source. */
export interface AttributePlace {
  /** Lower case. */
  name: string;
  nameStart: number;
  nameEnd: number;
  /** The value without its quotes; equal to `nameEnd` where there is none. */
  valueStart: number;
  valueEnd: number;
  /** `"`, `'`, or "" for an unquoted value; null where the attribute has no value. */
  quote: '"' | "'" | "" | null;
}

const isSpace = (c: string | undefined) => c === " " || c === "\n" || c === "\t" || c === "\r" || c === "\f";

/** The attributes of the start tag at `start`, as the HTML tokenizer splits them (HTML 13.2.5.32–39). */
export function attributePlaces(source: string, start: number, end: number): AttributePlace[] {
  const places: AttributePlace[] = [];
  let i = start + 1;
  while (i < end && !isSpace(source[i]) && source[i] !== "/" && source[i] !== ">") i++;
  while (i < end) {
    while (i < end && (isSpace(source[i]) || source[i] === "/")) i++;
    if (i >= end || source[i] === ">") break;
    const nameStart = i;
    i++;
    while (i < end && !isSpace(source[i]) && source[i] !== "/" && source[i] !== ">" && source[i] !== "=") i++;
    const nameEnd = i;
    const place: AttributePlace = {
      name: source.slice(nameStart, nameEnd).toLowerCase(),
      nameStart,
      nameEnd,
      valueStart: nameEnd,
      valueEnd: nameEnd,
      quote: null,
    };
    let k = i;
    while (k < end && isSpace(source[k])) k++;
    if (source[k] === "=") {
      k++;
      while (k < end && isSpace(source[k])) k++;
      const q = source[k];
      if (q === '"' || q === "'") {
        place.quote = q;
        place.valueStart = k + 1;
        const close = source.indexOf(q, k + 1);
        place.valueEnd = close < 0 ? end : close;
        i = place.valueEnd + 1;
      } else {
        place.quote = "";
        place.valueStart = k;
        while (k < end && !isSpace(source[k]) && source[k] !== ">") k++;
        place.valueEnd = k;
        i = k;
      }
    }
    if (!places.some((p) => p.name === place.name)) places.push(place);
  }
  return places;
}
