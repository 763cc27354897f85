import { loadable } from "../../ui/loadable";

/** The rules, as large as all else that the desk needs: null until they are there, a moment after the page. */
export const { useLoaded: useRules } = loadable(async () => {
  const [{ auditor }, { TOLD }] = await Promise.all([import("#core/audit/auditor"), import("#core/rules/told")]);
  return { auditor, told: TOLD };
});
