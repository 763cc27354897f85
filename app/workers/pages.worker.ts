import * as Comlink from "comlink";
import { unzipPages } from "#core/exchange/zip";
import { fetchPage, readFetched } from "../bring-in/fetch-page";
import { carryOverAgain, carryOverPage } from "../store/bring-again";
import { checkPage } from "../store/check-page";
import { examinePages } from "../store/freshen";
import { previewPattern } from "../store/heading-patterns";
import { dataOfPage } from "../store/page-entities";
import { readIncoming } from "../store/read-incoming";
import { previewFields, redraftPage } from "../store/redraft-pages";
import { countRule, countSiteRule } from "../store/rule-counts";
import { previewSiteData } from "../store/site-data";
import { readSitemapFile } from "../store/sitemap-file";

/** Work on pages away from the screen's thread. What is long runs on a pool of these. */
const api = {
  fetchPage,
  readFetched,
  readIncoming,
  unzipPages,
  readSitemapFile,
  carryOverAgain,
  carryOverPage,
  checkPage,
  dataOfPage,
  examinePages,
  previewFields,
  previewPattern,
  previewSiteData,
  redraftPage,
  countRule,
  countSiteRule,
};
export type PagesWorker = typeof api;

Comlink.expose(api);
