// Made by `npm run generate`, from the folders beside it.
import { titleBrandDoubled } from "./title/brand-doubled.ts";
import { titleBrandMissing } from "./title/brand-missing.ts";
import { titleCase } from "./title/case.ts";
import { titleDefaultWords } from "./title/default-words.ts";
import { titleDuplicate } from "./title/duplicate.ts";
import { titleLeftoverTemplate } from "./title/leftover-template.ts";
import { titleMetaTitle } from "./title/meta-title.ts";
import { titleMissing } from "./title/missing.ts";
import { titleNearDuplicate } from "./title/near-duplicate.ts";
import { titleNumberUnlikePage } from "./title/number-unlike-page.ts";
import { titleOutsideHead } from "./title/outside-head.ts";
import { titlePhraseLate } from "./title/phrase-late.ts";
import { titlePhraseMissing } from "./title/phrase-missing.ts";
import { titlePhraseRepeated } from "./title/phrase-repeated.ts";
import { titlePlaceMissing } from "./title/place-missing.ts";
import { titleSeparators } from "./title/separators.ts";
import { titleSeveral } from "./title/several.ts";
import { titleShouting } from "./title/shouting.ts";
import { titleStaleYear } from "./title/stale-year.ts";
import { titleTooManyCharacters } from "./title/too-many-characters.ts";
import { titleTooNarrow } from "./title/too-narrow.ts";
import { titleTooWideMobile } from "./title/too-wide-mobile.ts";
import { titleTooWide } from "./title/too-wide.ts";
import { descriptionCutMidSentence } from "./description/cut-mid-sentence.ts";
import { descriptionDefaultWords } from "./description/default-words.ts";
import { descriptionDoubleQuotes } from "./description/double-quotes.ts";
import { descriptionDuplicate } from "./description/duplicate.ts";
import { descriptionLeftoverTemplate } from "./description/leftover-template.ts";
import { descriptionMarkup } from "./description/markup.ts";
import { descriptionMissing } from "./description/missing.ts";
import { descriptionNearDuplicate } from "./description/near-duplicate.ts";
import { descriptionPhraseMissing } from "./description/phrase-missing.ts";
import { descriptionSameAsTitle } from "./description/same-as-title.ts";
import { descriptionSeveral } from "./description/several.ts";
import { descriptionTooManyCharacters } from "./description/too-many-characters.ts";
import { descriptionTooNarrow } from "./description/too-narrow.ts";
import { descriptionTooWideMobile } from "./description/too-wide-mobile.ts";
import { descriptionTooWide } from "./description/too-wide.ts";
import { slugDates } from "./slug/dates.ts";
import { slugDoubleSeparator } from "./slug/double-separator.ts";
import { slugFileExtension } from "./slug/file-extension.ts";
import { slugNotAscii } from "./slug/not-ascii.ts";
import { slugPhraseMissing } from "./slug/phrase-missing.ts";
import { slugSessionOrTracking } from "./slug/session-or-tracking.ts";
import { slugSpaces } from "./slug/spaces.ts";
import { slugStopWords } from "./slug/stop-words.ts";
import { slugTooLong } from "./slug/too-long.ts";
import { slugUnderscores } from "./slug/underscores.ts";
import { slugUnsafeCharacters } from "./slug/unsafe-characters.ts";
import { slugUppercase } from "./slug/uppercase.ts";
import { canonicalElsewhere } from "./canonical/elsewhere.ts";
import { canonicalFragment } from "./canonical/fragment.ts";
import { canonicalMissing } from "./canonical/missing.ts";
import { canonicalRelative } from "./canonical/relative.ts";
import { canonicalSeveral } from "./canonical/several.ts";
import { alternateLanguageUnknown } from "./alternate/language-unknown.ts";
import { alternateNoReturn } from "./alternate/no-return.ts";
import { headingDeepSectionCount } from "./heading/deep-section-count.ts";
import { headingDefaultWords } from "./heading/default-words.ts";
import { headingDuplicate } from "./heading/duplicate.ts";
import { headingEmpty } from "./heading/empty.ts";
import { headingH1NotFirst } from "./heading/h1-not-first.ts";
import { headingH1UnlikeTitle } from "./heading/h1-unlike-title.ts";
import { headingImageOnly } from "./heading/image-only.ts";
import { headingInAside } from "./heading/in-aside.ts";
import { headingInComments } from "./heading/in-comments.ts";
import { headingInFooter } from "./heading/in-footer.ts";
import { headingInNavigation } from "./heading/in-navigation.ts";
import { headingLeftoverTemplate } from "./heading/leftover-template.ts";
import { headingLooksLikeHeading } from "./heading/looks-like-heading.ts";
import { headingNoH1 } from "./heading/no-h1.ts";
import { headingPhraseMissingH1 } from "./heading/phrase-missing-h1.ts";
import { headingPhraseMissingH2 } from "./heading/phrase-missing-h2.ts";
import { headingSeveralH1 } from "./heading/several-h1.ts";
import { headingSkippedLevel } from "./heading/skipped-level.ts";
import { headingStuffed } from "./heading/stuffed.ts";
import { headingStyledOnly } from "./heading/styled-only.ts";
import { headingSubtitleAsHeading } from "./heading/subtitle-as-heading.ts";
import { headingTooDeep } from "./heading/too-deep.ts";
import { headingTooFewH2 } from "./heading/too-few-h2.ts";
import { headingTooLong } from "./heading/too-long.ts";
import { bodyDirectionMissing } from "./body/direction-missing.ts";
import { bodyFewWordsForItsKind } from "./body/few-words-for-its-kind.ts";
import { bodyFewWords } from "./body/few-words.ts";
import { bodyLeftoverTemplate } from "./body/leftover-template.ts";
import { bodyLongParagraph } from "./body/long-paragraph.ts";
import { bodyLongSentences } from "./body/long-sentences.ts";
import { bodyLongStretchWithoutHeading } from "./body/long-stretch-without-heading.ts";
import { bodyPhraseDense } from "./body/phrase-dense.ts";
import { bodyPhraseMissing } from "./body/phrase-missing.ts";
import { bodyPhraseNotEarly } from "./body/phrase-not-early.ts";
import { bodyPlaceMissing } from "./body/place-missing.ts";
import { bodyReadingEase } from "./body/reading-ease.ts";
import { bodyWritersStandards } from "./body/writers-standards.ts";
import { imageAltEmptyInLink } from "./image/alt-empty-in-link.ts";
import { imageAltFileName } from "./image/alt-file-name.ts";
import { imageAltMissing } from "./image/alt-missing.ts";
import { imageAltPhraseNowhere } from "./image/alt-phrase-nowhere.ts";
import { imageAltPlaceholder } from "./image/alt-placeholder.ts";
import { imageAltRepeatsText } from "./image/alt-repeats-text.ts";
import { imageAltTooLong } from "./image/alt-too-long.ts";
import { imageLargerThanShown } from "./image/larger-than-shown.ts";
import { imageLeftoverTemplate } from "./image/leftover-template.ts";
import { imageNoSize } from "./image/no-size.ts";
import { imageTitleOnly } from "./image/title-only.ts";
import { linkBroken } from "./link/broken.ts";
import { linkButtonAsLink } from "./link/button-as-link.ts";
import { linkFragmentMissingElsewhere } from "./link/fragment-missing-elsewhere.ts";
import { linkFragmentMissing } from "./link/fragment-missing.ts";
import { linkLinkAsButton } from "./link/link-as-button.ts";
import { linkNoText } from "./link/no-text.ts";
import { linkNotProminent } from "./link/not-prominent.ts";
import { linkOpportunity } from "./link/opportunity.ts";
import { linkOrphanPage } from "./link/orphan-page.ts";
import { linkToRedirect } from "./link/to-redirect.ts";
import { linkVagueText } from "./link/vague-text.ts";
import { controlNoLabel } from "./control/no-label.ts";
import { controlNoName } from "./control/no-name.ts";
import { frameNoTitle } from "./frame/no-title.ts";
import { headBodyElementInHead } from "./head/body-element-in-head.ts";
import { headCharsetLate } from "./head/charset-late.ts";
import { headCharsetMissing } from "./head/charset-missing.ts";
import { headCharsetNotUtf8 } from "./head/charset-not-utf8.ts";
import { headDoctypeMissing } from "./head/doctype-missing.ts";
import { headDoctypeObsolete } from "./head/doctype-obsolete.ts";
import { headLanguageInvalid } from "./head/language-invalid.ts";
import { headLanguageMissing } from "./head/language-missing.ts";
import { headLanguageUnlikeText } from "./head/language-unlike-text.ts";
import { headMetaRefresh } from "./head/meta-refresh.ts";
import { headMixedContent } from "./head/mixed-content.ts";
import { headNoindexInMenu } from "./head/noindex-in-menu.ts";
import { headNoindex } from "./head/noindex.ts";
import { headRobotsConflict } from "./head/robots-conflict.ts";
import { headRobotsUnknown } from "./head/robots-unknown.ts";
import { headViewportBlocksZoom } from "./head/viewport-blocks-zoom.ts";
import { headViewportMissing } from "./head/viewport-missing.ts";
import { openGraphMissing } from "./open-graph/missing.ts";
import { openGraphSeveral } from "./open-graph/several.ts";
import { openGraphUnlikePage } from "./open-graph/unlike-page.ts";
import { markupDuplicateId } from "./markup/duplicate-id.ts";
import { markupNoMain } from "./markup/no-main.ts";
import { markupNoSkipLink } from "./markup/no-skip-link.ts";
import { markupSectionWithoutHeading } from "./markup/section-without-heading.ts";
import { markupSwallowed } from "./markup/swallowed.ts";
import { markupTellingComment } from "./markup/telling-comment.ts";
import { markupUnclosed } from "./markup/unclosed.ts";
import { dataBreadcrumbUnlikeAddress } from "./data/breadcrumb-unlike-address.ts";
import { dataContactFormat } from "./data/contact-format.ts";
import { dataContextHttp } from "./data/context-http.ts";
import { dataContextUnknown } from "./data/context-unknown.ts";
import { dataCoordinates } from "./data/coordinates.ts";
import { dataCountry } from "./data/country.ts";
import { dataCurrency } from "./data/currency.ts";
import { dataDanglingId } from "./data/dangling-id.ts";
import { dataDateOrder } from "./data/date-order.ts";
import { dataDate } from "./data/date.ts";
import { dataDoubledName } from "./data/doubled-name.ts";
import { dataDuplicateIdConflict } from "./data/duplicate-id-conflict.ts";
import { dataDuration } from "./data/duration.ts";
import { dataEntitiesAsText } from "./data/entities-as-text.ts";
import { dataEnumeration } from "./data/enumeration.ts";
import { dataExpired } from "./data/expired.ts";
import { dataFeatureRetired } from "./data/feature-retired.ts";
import { dataGtin } from "./data/gtin.ts";
import { dataIsbn } from "./data/isbn.ts";
import { dataLanguage } from "./data/language.ts";
import { dataListPositions } from "./data/list-positions.ts";
import { dataNotOnPage } from "./data/not-on-page.ts";
import { dataNotSchemaOrg } from "./data/not-schema-org.ts";
import { dataNumber } from "./data/number.ts";
import { dataOpeningHours } from "./data/opening-hours.ts";
import { dataPending } from "./data/pending.ts";
import { dataPriceFormat } from "./data/price-format.ts";
import { dataPropertyNotForType } from "./data/property-not-for-type.ts";
import { dataQuestionTwice } from "./data/question-twice.ts";
import { dataRatingBounds } from "./data/rating-bounds.ts";
import { dataRecommendedForFeature } from "./data/recommended-for-feature.ts";
import { dataRequiredForFeature } from "./data/required-for-feature.ts";
import { dataReviewWithoutAuthor } from "./data/review-without-author.ts";
import { dataStaleEvidence } from "./data/stale-evidence.ts";
import { dataSuperseded } from "./data/superseded.ts";
import { dataSyntax } from "./data/syntax.ts";
import { dataTypeCase } from "./data/type-case.ts";
import { dataUnknownProperty } from "./data/unknown-property.ts";
import { dataUnknownType } from "./data/unknown-type.ts";
import { dataUrlNotThisPage } from "./data/url-not-this-page.ts";
import { dataUrl } from "./data/url.ts";
import { dataValueType } from "./data/value-type.ts";
import { keywordsMetaDuplicate } from "./keywords-meta/duplicate.ts";
import { keywordsMetaPresent } from "./keywords-meta/present.ts";
import { keywordsMetaStuffed } from "./keywords-meta/stuffed.ts";
import { phraseClash } from "./phrase/clash.ts";
import { phraseNone } from "./phrase/none.ts";
import { phraseUnused } from "./phrase/unused.ts";
import type { Rule } from "./rule.ts";

/** Every rule, by subject and name. */
export const RULES: readonly Rule[] = [
  titleBrandDoubled,
  titleBrandMissing,
  titleCase,
  titleDefaultWords,
  titleDuplicate,
  titleLeftoverTemplate,
  titleMetaTitle,
  titleMissing,
  titleNearDuplicate,
  titleNumberUnlikePage,
  titleOutsideHead,
  titlePhraseLate,
  titlePhraseMissing,
  titlePhraseRepeated,
  titlePlaceMissing,
  titleSeparators,
  titleSeveral,
  titleShouting,
  titleStaleYear,
  titleTooManyCharacters,
  titleTooNarrow,
  titleTooWideMobile,
  titleTooWide,
  descriptionCutMidSentence,
  descriptionDefaultWords,
  descriptionDoubleQuotes,
  descriptionDuplicate,
  descriptionLeftoverTemplate,
  descriptionMarkup,
  descriptionMissing,
  descriptionNearDuplicate,
  descriptionPhraseMissing,
  descriptionSameAsTitle,
  descriptionSeveral,
  descriptionTooManyCharacters,
  descriptionTooNarrow,
  descriptionTooWideMobile,
  descriptionTooWide,
  slugDates,
  slugDoubleSeparator,
  slugFileExtension,
  slugNotAscii,
  slugPhraseMissing,
  slugSessionOrTracking,
  slugSpaces,
  slugStopWords,
  slugTooLong,
  slugUnderscores,
  slugUnsafeCharacters,
  slugUppercase,
  canonicalElsewhere,
  canonicalFragment,
  canonicalMissing,
  canonicalRelative,
  canonicalSeveral,
  alternateLanguageUnknown,
  alternateNoReturn,
  headingDeepSectionCount,
  headingDefaultWords,
  headingDuplicate,
  headingEmpty,
  headingH1NotFirst,
  headingH1UnlikeTitle,
  headingImageOnly,
  headingInAside,
  headingInComments,
  headingInFooter,
  headingInNavigation,
  headingLeftoverTemplate,
  headingLooksLikeHeading,
  headingNoH1,
  headingPhraseMissingH1,
  headingPhraseMissingH2,
  headingSeveralH1,
  headingSkippedLevel,
  headingStuffed,
  headingStyledOnly,
  headingSubtitleAsHeading,
  headingTooDeep,
  headingTooFewH2,
  headingTooLong,
  bodyDirectionMissing,
  bodyFewWordsForItsKind,
  bodyFewWords,
  bodyLeftoverTemplate,
  bodyLongParagraph,
  bodyLongSentences,
  bodyLongStretchWithoutHeading,
  bodyPhraseDense,
  bodyPhraseMissing,
  bodyPhraseNotEarly,
  bodyPlaceMissing,
  bodyReadingEase,
  bodyWritersStandards,
  imageAltEmptyInLink,
  imageAltFileName,
  imageAltMissing,
  imageAltPhraseNowhere,
  imageAltPlaceholder,
  imageAltRepeatsText,
  imageAltTooLong,
  imageLargerThanShown,
  imageLeftoverTemplate,
  imageNoSize,
  imageTitleOnly,
  linkBroken,
  linkButtonAsLink,
  linkFragmentMissingElsewhere,
  linkFragmentMissing,
  linkLinkAsButton,
  linkNoText,
  linkNotProminent,
  linkOpportunity,
  linkOrphanPage,
  linkToRedirect,
  linkVagueText,
  controlNoLabel,
  controlNoName,
  frameNoTitle,
  headBodyElementInHead,
  headCharsetLate,
  headCharsetMissing,
  headCharsetNotUtf8,
  headDoctypeMissing,
  headDoctypeObsolete,
  headLanguageInvalid,
  headLanguageMissing,
  headLanguageUnlikeText,
  headMetaRefresh,
  headMixedContent,
  headNoindexInMenu,
  headNoindex,
  headRobotsConflict,
  headRobotsUnknown,
  headViewportBlocksZoom,
  headViewportMissing,
  openGraphMissing,
  openGraphSeveral,
  openGraphUnlikePage,
  markupDuplicateId,
  markupNoMain,
  markupNoSkipLink,
  markupSectionWithoutHeading,
  markupSwallowed,
  markupTellingComment,
  markupUnclosed,
  dataBreadcrumbUnlikeAddress,
  dataContactFormat,
  dataContextHttp,
  dataContextUnknown,
  dataCoordinates,
  dataCountry,
  dataCurrency,
  dataDanglingId,
  dataDateOrder,
  dataDate,
  dataDoubledName,
  dataDuplicateIdConflict,
  dataDuration,
  dataEntitiesAsText,
  dataEnumeration,
  dataExpired,
  dataFeatureRetired,
  dataGtin,
  dataIsbn,
  dataLanguage,
  dataListPositions,
  dataNotOnPage,
  dataNotSchemaOrg,
  dataNumber,
  dataOpeningHours,
  dataPending,
  dataPriceFormat,
  dataPropertyNotForType,
  dataQuestionTwice,
  dataRatingBounds,
  dataRecommendedForFeature,
  dataRequiredForFeature,
  dataReviewWithoutAuthor,
  dataStaleEvidence,
  dataSuperseded,
  dataSyntax,
  dataTypeCase,
  dataUnknownProperty,
  dataUnknownType,
  dataUrlNotThisPage,
  dataUrl,
  dataValueType,
  keywordsMetaDuplicate,
  keywordsMetaPresent,
  keywordsMetaStuffed,
  phraseClash,
  phraseNone,
  phraseUnused,
];
