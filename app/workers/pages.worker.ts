import { unzipPages, zipFiles } from "#core/exchange/zip";
import { examinePages } from "../store/freshen";
import { pageFindings } from "../store/page-findings";
import { passagesOn } from "../store/phrase-passages";
import { proposeOn } from "../store/propose";
import { readIncoming } from "../store/read-incoming";
import { redraftPage } from "../store/redraft-pages";
import { writePage } from "../store/write-page";
import { expose } from "./expose";

// What few screens ask for is loaded when it is.
const suggestOn = async (...asked: Parameters<typeof import("../store/suggest-phrases")["suggestOn"]>) =>
  (await import("../store/suggest-phrases")).suggestOn(...asked);
const suggestTextsOn = async (...asked: Parameters<typeof import("../store/suggest-texts")["suggestTextsOn"]>) =>
  (await import("../store/suggest-texts")).suggestTextsOn(...asked);
const besideRival = async (...asked: Parameters<typeof import("../store/beside-rival")["besideRival"]>) =>
  (await import("../store/beside-rival")).besideRival(...asked);
const keepRivalPage = async (...asked: Parameters<typeof import("../store/beside-rival")["keepRivalPage"]>) =>
  (await import("../store/beside-rival")).keepRivalPage(...asked);
const readSitemapFile = async (...asked: Parameters<typeof import("../store/sitemap-file")["readSitemapFile"]>) =>
  (await import("../store/sitemap-file")).readSitemapFile(...asked);
type Fetching = typeof import("../bring-in/fetch-page");
const fetchPage = async (...asked: Parameters<Fetching["fetchPage"]>) =>
  (await import("../bring-in/fetch-page")).fetchPage(...asked);
const readFetched = async (...asked: Parameters<Fetching["readFetched"]>) =>
  (await import("../bring-in/fetch-page")).readFetched(...asked);
type BringingAgain = typeof import("../store/bring-again");
const carryOverAgain = async (...asked: Parameters<BringingAgain["carryOverAgain"]>) =>
  (await import("../store/bring-again")).carryOverAgain(...asked);
const carryOverPage = async (...asked: Parameters<BringingAgain["carryOverPage"]>) =>
  (await import("../store/bring-again")).carryOverPage(...asked);
type Counting = typeof import("../store/rule-counts");
const countRule = async (...asked: Parameters<Counting["countRule"]>) =>
  (await import("../store/rule-counts")).countRule(...asked);
const countSiteRule = async (...asked: Parameters<Counting["countSiteRule"]>) =>
  (await import("../store/rule-counts")).countSiteRule(...asked);
const dataOfPage = async (...asked: Parameters<typeof import("../store/page-entities")["dataOfPage"]>) =>
  (await import("../store/page-entities")).dataOfPage(...asked);
const checkPage = async (...asked: Parameters<typeof import("../store/check-page")["checkPage"]>) =>
  (await import("../store/check-page")).checkPage(...asked);
type Tables = typeof import("../store/read-figures");
const readFigures = async (...asked: Parameters<Tables["readFigures"]>) =>
  (await import("../store/read-figures")).readFigures(...asked);
const keepFiguresOf = async (...asked: Parameters<Tables["keepFiguresOf"]>) =>
  (await import("../store/read-figures")).keepFiguresOf(...asked);

/** Work on pages away from the screen's thread. What is long runs on a pool of these. */
const api = {
  fetchPage,
  readFetched,
  readIncoming,
  unzipPages,
  readSitemapFile,
  readFigures,
  keepFiguresOf,
  carryOverAgain,
  carryOverPage,
  checkPage,
  dataOfPage,
  examinePages,
  pageFindings,
  passagesOn,
  proposeOn,
  redraftPage,
  suggestOn,
  suggestTextsOn,
  besideRival,
  keepRivalPage,
  countRule,
  countSiteRule,
  writePage,
  zipFiles,
};
/** Answers for as long as the worker lives and is not at work. */
const ping = () => true;
const exposed = { ...api, ping };
export type PagesWorker = typeof exposed;

// What fails outside of a call leaves whoever waits without an answer: as an error of the worker it is heard of.
addEventListener("unhandledrejection", ({ reason }) =>
  setTimeout(() => {
    throw reason;
  }),
);

expose(exposed);
