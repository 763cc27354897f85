import { zipFiles } from "#core/exchange/zip";
import { examinePages } from "../store/freshen";
import { pageFindings } from "../store/page-findings";
import { passagesOn } from "../store/phrase-passages";
import { proposeOn } from "../store/propose";
import { readIncoming } from "../store/read-incoming";
import { redraftPage } from "../store/redraft-pages";
import { writePage } from "../store/write-page";
import { expose } from "./expose";

/** Work that few screens ask for: what does it is loaded when it is asked for. */
const later =
  <A extends unknown[], R>(find: () => Promise<(...asked: A) => R | Promise<R>>) =>
  async (...asked: A): Promise<R> =>
    (await find())(...asked);

const suggesting = () => import("../store/suggest-phrases");
const texts = () => import("../store/suggest-texts");
const rivals = () => import("../store/beside-rival");
const fetching = () => import("../bring-in/fetch-page");
const again = () => import("../store/bring-again");
const counting = () => import("../store/rule-counts");
const figures = () => import("../store/read-figures");

/** Work on pages away from the screen's thread. What is long runs on a pool of these. */
const api = {
  fetchPage: later(async () => (await fetching()).fetchPage),
  readFetched: later(async () => (await fetching()).readFetched),
  readIncoming,
  unzipPages: later(async () => (await import("#core/exchange/unzip")).unzipPages),
  readSitemapFile: later(async () => (await import("../store/sitemap-file")).readSitemapFile),
  readFigures: later(async () => (await figures()).readFigures),
  keepFiguresOf: later(async () => (await figures()).keepFiguresOf),
  carryOverAgain: later(async () => (await again()).carryOverAgain),
  carryOverPage: later(async () => (await again()).carryOverPage),
  checkPage: later(async () => (await import("../store/check-page")).checkPage),
  dataOfPage: later(async () => (await import("../store/page-entities")).dataOfPage),
  examinePages,
  pageFindings,
  namesOn: later(async () => (await import("../store/gather-names")).namesOn),
  passagesOn,
  proposeOn,
  readPhraseList: later(async () => (await import("../store/read-phrases")).listIn),
  readResultsList: later(async () => (await import("#core/exchange/results-list")).readResultsList),
  readReturnedProof: later(async () => (await import("#core/exchange/returned-proof")).readReturnedProof),
  readTableFile: later(async () => (await import("../store/read-table")).readTableFile),
  planTableFile: later(async () => (await import("../store/read-table")).planTableFile),
  redraftPage,
  suggestOn: later(async () => (await suggesting()).suggestOn),
  suggestTextsOn: later(async () => (await texts()).suggestTextsOn),
  besideRival: later(async () => (await rivals()).besideRival),
  keepRivalPage: later(async () => (await rivals()).keepRivalPage),
  countRule: later(async () => (await counting()).countRule),
  countSiteRule: later(async () => (await counting()).countSiteRule),
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
