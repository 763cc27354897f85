import { stem } from "./stem.ts";

const words = (text: string) => text.trim().split(/\s+/);

/** Verbs that titles use after “to”. Those that are nouns of places as well (to park, to port) are left out. Common practice, no source. */
const INFINITIVES: ReadonlySet<string> = new Set(
  words(`accept access achieve add adjust advertise agree allow answer apply arrange arrive ask assemble attach attend
    avoid be beat become begin believe boost book borrow break bring browse build buy calculate call cancel care carry
    catch celebrate change charge check choose claim clean climb close collect combine come compare complete configure
    connect consider contact continue convert cook cope copy count create cut deal decide decorate delete deliver
    describe design develop die discover do donate download draw dress drink drive earn eat edit enable encourage
    enjoy ensure enter escape evaluate expand expect explain explore export fall feed feel fight fill find finish fix
    fly focus follow forget get give go grow handle happen have hear help hide hire hold identify import improve
    increase inspire install invest invite join keep know learn leave let lie listen live load look lose love make
    manage measure meet mend move need obtain offer open optimise optimize order organise organize overcome own pack
    paint participate pay perform pick play practise prepare prevent print produce protect prove publish put reach
    read receive recognise recognize recommend record recover recycle reduce register remember remove rent repair
    replace report request require reserve resolve respond restore return ride run sail save say see select sell send
    serve set sew share show sign sing sit sleep solve speak spend spot start stay stop store study submit succeed
    support survive swim take talk teach tell test thank think tie track trade train travel treat try turn understand
    update upgrade upload use visit vote wait walk wash watch wear win work write`),
);

/** Adverbs behind verbs, with which they are one: a preposition there is none. Common practice, no source. */
const PARTICLES: Readonly<Record<string, string>> = {
  in: "log sign check drop fill opt plug hand zoom move join tune",
  off: "turn switch take drop set show kick put shut sign cut lay pay send tear wear finish",
  on: "turn switch put carry hold hang log try sign move",
  up: "set look sign pick back start clean warm wake dress catch follow line make mix show speed stand top wind write turn give grow end keep light lock open pack size step stock sum tidy use wrap build call check cheer fill free hang heat hurry mess queue read round save scale stay team tie",
  out: "log sign check fill print roll run try work find carry stand help hang pull read rule sell send set step take turn wear zoom",
  down: "shut break slow turn write wind tear calm cool cut lie sit scale",
  over: "hand take turn think start carry win",
  by: "stand drop",
};
const adverbsOf = new Map(Object.entries(PARTICLES).map(([particle, verbs]) => [particle, new Set(words(verbs))]));

/** Whether an English word in lower case follows “to” as a verb does. */
export const isInfinitive = (word: string): boolean => INFINITIVES.has(word);

/** Whether a word belongs to the verb before it, in any of its forms, as in “set up”. Both in lower case. */
export function isParticleOf(word: string, verb: string): boolean {
  const verbs = adverbsOf.get(word);
  return verbs !== undefined && (verbs.has(verb) || [...verbs].some((one) => stem(one, "en") === stem(verb, "en")));
}
