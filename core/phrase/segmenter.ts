type Granularity = "word" | "sentence";

const segmenters = new Map<string, Intl.Segmenter>();

/** A segmenter for a language (BCP 47; "" or a tag that is none stands for no language), made once. */
export function segmenterFor(language: string, granularity: Granularity): Intl.Segmenter {
  const name = `${granularity} ${language}`;
  let segmenter = segmenters.get(name);
  if (!segmenter) {
    try {
      segmenter = new Intl.Segmenter(language || "und", { granularity });
    } catch {
      segmenter = new Intl.Segmenter("und", { granularity });
    }
    segmenters.set(name, segmenter);
  }
  return segmenter;
}
