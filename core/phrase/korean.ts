/**
 * Particles by what the syllable before them ends in: a consonant, a vowel (로 also follows ㄹ), or either. Standard grammar
 * of Korean, from memory.
 */
const AFTER_CONSONANT = ["은", "이", "을", "과", "으로", "이나", "이랑", "이며", "이라도"];
const AFTER_VOWEL = ["는", "가", "를", "와", "로", "나", "랑", "며", "라도"];
const AFTER_EITHER =
  "의 에 에서 에게 에게서 께 께서 도 만 까지 부터 처럼 보다 한테 한테서 하고 마다 조차 밖에 마저 대로".split(" ");

/** Syllables of a word that stay: of fewer, what looks like a particle is part of the word (회의). */
const FEWEST = 2;
const [FIRST, LAST] = [0xac00, 0xd7a3];
/** Ends of a syllable, as Unicode's arithmetic of Hangul numbers them (chapter 3.12): 0 is none, 8 is ㄹ. */
const ENDS = 28;
const RIEUL = 8;

const PARTICLES = [
  ...AFTER_CONSONANT.map((text) => ({ text, fits: (end: number) => end > 0 && !(text === "으로" && end === RIEUL) })),
  ...AFTER_VOWEL.map((text) => ({ text, fits: (end: number) => end === 0 || (text === "로" && end === RIEUL) })),
  ...AFTER_EITHER.map((text) => ({ text, fits: () => true })),
].sort((a, b) => b.text.length - a.text.length);

/** A word without the particles at its end: 박물관은 and 박물관에서는 are 박물관. Expects NFC. */
export function withoutParticles(word: string): string {
  for (;;) {
    const found = PARTICLES.find(({ text, fits }) => {
      const left = word.length - text.length;
      const before = word.charCodeAt(left - 1);
      return (
        left >= FEWEST && word.endsWith(text) && before >= FIRST && before <= LAST && fits((before - FIRST) % ENDS)
      );
    });
    if (!found) return word;
    word = word.slice(0, -found.text.length);
  }
}
