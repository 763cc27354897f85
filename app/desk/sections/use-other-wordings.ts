import { useEffect, useMemo, useState } from "react";
import type { SiteRecord } from "../../store/records/sites";
import { type SiteAsked, useSiteAnswer } from "../../store/site-findings";
import type { SuggestedTexts } from "../../store/suggest-texts";
import { useNotices } from "../../ui/notice";
import { onPool } from "../../workers/pool";

/** What is suggested for a page; null until it is known. `said` stands for what it is made of: another one asks anew. */
export function useOtherWordings(
  site: SiteRecord,
  pageId: string,
  phrase: string,
  said: unknown,
): SuggestedTexts | null {
  const { fail } = useNotices();
  // biome-ignore lint/correctness/useExhaustiveDependencies: what the page says is read where it is kept
  const ask = useMemo(
    () => async (worker: SiteAsked) => {
      const basis = await worker.textsBasis(phrase);
      const texts = await onPool((pooled) => pooled.suggestTextsOn(pageId, site.houseStyle, basis));
      if (!texts) return null;
      const all = [...texts.titles, ...texts.descriptions].map(({ text }) => text);
      const taken = new Set(await worker.othersHave(pageId, all));
      const free = ({ text }: { text: string }) => !taken.has(text);
      return { titles: texts.titles.filter(free), descriptions: texts.descriptions.filter(free) };
    },
    [site.houseStyle, pageId, phrase, said],
  );
  const [fault, setFault] = useState<unknown>(null);
  const asking = useMemo(
    () => (worker: SiteAsked) =>
      ask(worker).catch((error) => {
        setFault(error);
        return null;
      }),
    [ask],
  );
  useEffect(() => {
    if (fault) fail(fault);
  }, [fault, fail]);
  return useSiteAnswer(site, asking);
}
