/* Ways of saying that something is to be minded, and how it is said. */

/** Told not to do: what the teller or others do not do, and what never happens by itself, is no warning. */
export const DO_NOT =
  /(?:^\W*|\b(?:and|so|but|just|please|or|also|then|you|now|i mean|we)\s+)(?:don'?t|do not|never|(?:do|does) not (?:ever )?want to)\s+(?!know|have\b|forget to subscribe|ask|need|worry|want|care\b|quote|hold me|think|believe|trust|get me|be silly|use (?:the )?\d|own\b|(?:go|get) crazy|(?!reuse|re-use)\w+\W*$)(?!(?<=never )\w*[^s]s\b)\w+/i;

/** What nobody wants to come about. */
const HARM =
  "(?:br(?:ea|o)k(?:e|en|s)?|bend|bent|crack|snap|strip|round|tear|torn|rip|leak|burn|crush|kink|twist|jam|ruin|damage|scratch|chip|gouge|melt|swell|rot|shear|seize|fall|drop|jump|fly|slip|spin|slide|roll|pop|tip|blind|blow|lose|lost|buy|buying|bought|looking at|need (?:a )?new|pinch|trap|bite|hurt|stretch|warp|rattle|squeal|loosen|come (?:off|loose|down|undone|out|on)|not (?:come|go|fit|start|seal|hold|work|turn|be)|w[oi](?:n't|ll not)|can't|cannot|sorry|(?:do|doing) (?:it|the whole \\w+) (?:again|over|twice)|stuck|all (?:over|evening|day)|have (?:your|a) (?:fingers?|hands?|arm|skin))";
/** "It'll", "you're going to", "that might". */
const COMES =
  "(?:'ll| will| would|'re (?:gonna|going to)|'s (?:gonna|going to)| are going to| gonna|'d| can| could| might| may|'ve| just)?";
const SOMETHING = "(?:you|it|they|that|this|he|she|the [\\w-]+(?: [\\w-]+)?|your [\\w-]+)";

/** What would come of it, over the whole of what is said. */
export const COMES_TO: readonly RegExp[] = [
  new RegExp(`\\b(?:or(?: else)?|otherwise|else),? ${SOMETHING}${COMES} (?:\\w+ ){0,4}?${HARM}`, "i"),
  new RegExp(
    `\\b(?:or(?: else)?|otherwise) (?:you|it|they)(?:'ll| will|'re gonna|'re going to|'s gonna)\\b`,
    "i",
  ),
  new RegExp(
    `\\bif (?:${SOMETHING}|there's)(?:'s)? (?:[\\w']+,? ){0,8}?${SOMETHING}${COMES} (?:\\w+ ){0,8}?${HARM}`,
    "i",
  ),
  /\b(?:or|otherwise) you(?:'re| are) \w+ing\b/i,
  /\bif (?:[\w']+,? ){1,8}(?:stop\b|don't start)|\bstop and ask\b|\bif (?:they're|it's|it is) (?:\w+ ){1,4}(?:welder|workshop|shop)\b/i,
  /\bso (?:nothing (?:falls|drops|gets)|(?:it|that|they|you|the \w+) (?:doesn't|don't|can't|won't) (?:drop|fall|come down|roll|slip|tip|jump|burn|lose))\b/i,
];
export const IF_OR = /^\W*(?:if|or|so|otherwise|else|because if|cause if)\b/i;

/** What is to be minded, by the ways there are of saying so. */
export const WARNS: readonly RegExp[] = [
  /\b(?:careful|watch (?:out|your|the|for)|mind (?:the|your|out|that)|make sure|be sure|gently|go easy|tighten nothing|nothing (?:is )?tight\b)/i,
  /\b(?:poison\w*|flammable|brittle|cross[- ]?thread|naked flame|no smoking)\b/i,
  // How it goes wrong, told as what it does.
  /\b(?:it|they|these|those) (?:easily |always |will )?(?:breaks?|snaps?|cracks?|strips?|tears?|melts?|shears?|chips?)\b(?! (?:loose|free|off|on|in|into|back|shut|together|open))/i,
  // What is worn.
  /\b(?:safety glasses|eye protection|gloves and|and gloves|(?:wear|put on) (?:\w+ )?(?:gloves|glasses|goggles|mask)|glasses on|mask on|gloves on)\b/i,
  /\bleft[- ]hand(?:ed)? threads?\b/i,
  // Once and no more.
  /\b(?:only (?:hold|work)s? once|once only|used? once|one[- ]time (?:only|use|bolts?|nuts?)|(?:they're|it's|are|is) one[- ]time)\b/i,
  // What is no further to be gone than.
  /\b(?:(?:no|not|never) (?:any )?(?:more|less|above|over) than|no more than that|never (?:above|over|past)|(?:greatest|maximum|max|top) (?:load|speed|weight))\b/i,
  /\b(?:can|will|could) (?:close on|fall on|burn|pinch|crush|spit|mark the|jump|fly)\b|\b(?:under (?:tension|pressure|load)|is (?:compressed|charged))\b/i,
  /\b(?:keep (?:it|your|a|them|the|that|everyone|everybody|people|kids|children) (?:\w+ )?(?:off|away|out|clear|separate|under|topped up|full)|(?<!\b(?:we|i) )must(?:n't| not| be| never)?\b|not (?:the|that) (?:\w+ ){0,2}(?:one|thing|switch)|only thing (?:that's |that is )?(?:holding|keeping)(?! it (?:is|are)\b)|not optional|not under\b|has to be (?:up|on|off|in|solid|square|dry|clean))/i,
  // One way round, one thing before another.
  /\b(?:arrows?|flanges?|lips?|coils?|bumps?|bevel|heads?|marks?|dots?|voids?|split|tab|linings?) (?:points?|pointing|faces?|facing|goes?|go|to|at|uppermost)\b(?: \w+){0,2} (?:out|outwards?|outside|in|inwards?|up|upwards?|down|top|bottom|front|back|rear|forwards?|wheel|uppermost)\b|\buppermost\b/i,
  /\bone side at a time\b|\b(?:before|until) (?:any|all) (?:\w+ ){1,5}(?:tight|in)\b|\bbefore you (?:let go|start|drive|move|do anything|drain|pull away|go under|get under|crawl)\b(?! .*\bagain\b)|\bfirst,? always\b|\balways (?:check|look|use|wear|keep|support|test|fit|start|hold)\b/i,
];
/** Written so that nobody reads over it. */
export const CRIES = /(?<![A-Z] )\b(?:NOT|NEVER|ALWAYS|MUST|FIRST|BEFORE)\b(?! [A-Z]{2})|!!/;
/** Enough in two words. */
export const PROTECTS = /\b(?:glasses|smoking|mask|gloves|goggles|protection|cold)\b/i;

/** How a thing is, that has to be known: told of it by its name. */
export const STATES: readonly { says: RegExp; is: string }[] = [
  {
    says: /\bheavier than\b|\b(?:is|'s|are|weighs?|really|quite|damn) heavy\b|\bheavy (?:so|and)\b/i,
    is: "heavy",
  },
  ...["hot", "live", "sharp"].map((is) => ({
    says: new RegExp(
      `(?<!\\b(?:not|nothing))(?:'s| is| are| be| gets?| still| stays) (?!not\\b|been\\b)(?:\\w+ )?${is}\\b(?! or)`,
      "i",
    ),
    is,
  })),
];
export const COLD =
  /\b(?:(stone|completely|proper(?:ly)?|nice and) cold|(?:want|has to be|must be|needs to be|got to be|want (?:it|her)|be) cold\b|(?:engine|motor|truck|car|van)(?:'s| is)? (?:\w+ )?cold\b|warm,? not hot)\b/i;

/** Goes on with what was just said. */
export const GOES_ON =
  /^\W*(?:or|because|cause|cuz|otherwise|else|so (?:it|they|you|that|nothing|the)|before|until|till|it(?:'ll| will|'s)|they(?:'ll| will|'re)|that'?s|you(?:'ll| will|'re)|and|as|when)\b/i;

/** The reason or the end of what was just said, even where speech without marks was cut before it. */
export const ENDS_IT = /^\W*(?:or|because|cause|cuz|otherwise|so (?:it|they|that|nothing|the))\b/i;
/** Of the teller, or of another car: no part of what others are told. */
export const OF_TELLER = /^\W*(?:and |so |but )?(?:i|i'm|i've|i'd|mine|my|on mine|see)\b/i;

/** "Don't lose it": what is pointed at was named before. */
export const POINTS_BACK =
  /^(?:[\w']+ ){0,3}?(?:it|it's|them|em|they're|those|these|this|that)\b(?!.*\b(?:the|your|an?) (?!bit\b|little\b|lot\b)[a-z])/i;

/** "Those are T20, and mind the damper": what is told beside it. */
const TELLS_TO = "(?:mind|watch|careful|don'?t|do not|never|keep|make sure|be sure)";
export const BESIDE = new RegExp(`^(?!${TELLS_TO}\\b)[^.]*?\\b(?:and|so|but|just) (?=${TELLS_TO}\\b)`, "i");
export const BECAUSE = /^\W*(?:because|cause|cuz|or|otherwise)\b/i;
export const POINTING = /\b(?:it|it's|them|em|they|they're|those|these|this|that|(?:the )?(?:old )?ones)\b/i;
export const MANY = /^(?:th?em|they|they're|those|these|.*ones)$/i;
export const TRAILS = /[\s,]+(?:and|so|but|just|or|then|now|because)\W*$/i;
export const ASIDES =
  /[\s,]*\b(?:like i did\b.*|ask me how i know|trust me|i mean it|you know|believe me|and you'll thank me|i cannot say that enough|(?:and )?i'?ve done (?:it|that)(?: too)?|don't ask)\W*$/i;
export const LEADS =
  /^\W*(?:(?:and|so|but|just|please|or|also|then|you|now|i mean|okay|ok|right|one more rule|careful)\s+)*/i;
/** "Don't do that on this one": of what was shown, which nobody sees here. */
export const ONLY_POINTS =
  /^\W*(?:\w+ )?(?:don't|do not|never) (?:do|take|pull|use|try|put|get) (?:it|that|this|them|those)(?: (?:out|off|on this one|on that one|here|there|at home))?\W*$/i;
