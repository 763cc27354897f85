/** Whom a page is for: everyone, the people of a country, or those in or near a place. */
export interface Audience {
  of: "everyone" | "country" | "place";
  /** Of the country or place, as the page should say it; "" for everyone. */
  name: string;
}

export const EVERYONE: Audience = { of: "everyone", name: "" };

/** What the editor wants a page to be found for, and by whom. */
export interface FoundFor {
  /** The target phrase; "" where there is none. */
  phrase: string;
  supporting: readonly string[];
  audience: Audience;
}

export const FOR_NOTHING: FoundFor = { phrase: "", supporting: [], audience: EVERYONE };

/** That of a page, and no more of it. */
export const foundFor = ({ phrase, supporting, audience }: FoundFor): FoundFor => ({ phrase, supporting, audience });

/** As rules are told it. */
export const toldToRules = ({ phrase, supporting, audience }: FoundFor) => ({
  phrase: phrase.trim() || null,
  supporting,
  audience,
});
