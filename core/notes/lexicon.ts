/** Fasteners as they are named. */
export const FASTENER_NOUN = /^(?:bolts?|nuts?|studs?|screws?|pins?|plugs?|clamps?|clips?|unions?)$/;

/** Words that end the name of a fastener going backwards: they tell of something else. */
export const NOT_IN_A_NAME =
  /^(?:the|a|an|those|these|that|this|all|both|each|every|of|to|on|off|out|in|into|for|with|and|then|or|my|your|his|her|its|it|is|are|was|were|by|at|up|do|did|done|undo|undid|remove|removed|take|took|crack|loosen|loosened|slacken|tighten|tightened|torque|torqued|nip|fit|refit|replace|replaced|put|get|got|got|need|needs|use|used|uses|has|have|had|there|there's|here|i|you|we|they|he|she|so|but|now|first|second|last|next|just|only|mm|mil|mils|millimetre|millimetres|millimeter|inch|inches|socket|sockets|head|headed|size|pair|couple|new|old|my|same|some|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|around|about|if|as|from|after|before|again|back|one|ones|well|okay|ok|right|yeah|um|er|tight|loose|holding|hold|holds|held|going|goes|go|onto|said|says|say|think|reckon|were|be|been|per|spec|it's|that's|they're|remember|don't|not|no|never|always|me|us|them|spline|drive)$/;

export const CONSUMABLES: readonly [words: RegExp, name: string][] = [
  [/\bbrake clean(?:er|ing spray)?\b/i, "Brake cleaner"],
  [/\bpenetrat(?:ing oil|ing fluid|ant)\b|\brelease oil\b/i, "Penetrating oil"],
  [/\bcopper (?:grease|paste)\b|\banti[- ]?seize\b/i, "Anti-seize"],
  [/\b(?:thread ?lock(?:er)?|locking fluid|stud ?lock)\b/i, "Threadlocker"],
  [/\bwhite grease\b|\bsilicone grease\b|\bbrake grease\b|\bceramic grease\b|\bmoly grease\b/i, "Grease"],
  [/\b(?:rags?|paper towels?|shop towels?)\b/i, "Rags"],
  [/\bcoolant\b|\bantifreeze\b/i, "Coolant"],
  [/\bbrake fluid\b/i, "Brake fluid"],
  [/\bgear oil\b/i, "Gear oil"],
  [/\bengine oil\b|\bfresh oil\b/i, "Engine oil"],
  [/\b(?:gasket sealant|sealant|instant gasket)\b/i, "Sealant"],
  [/\bcable ties?\b|\bzip ties?\b/i, "Cable ties"],
  [/\bgloves\b/i, "Gloves"],
];

export const TOOLS: readonly [words: RegExp, name: string][] = [
  [/\btorque wrench\b/i, "Torque wrench"],
  [/\bbreaker bar\b|\bpower bar\b/i, "Breaker bar"],
  [/\bpry bar\b|\bcrow ?bar\b/i, "Pry bar"],
  [/\bcrow'?s? ?f(?:oo|ee)t\b/i, "Crowfoot"],
  [/\bwire brush\b/i, "Wire brush"],
  [/\b(?:soft|copper|rubber|lump)? ?(?:hammer|mallet)\b/i, "Hammer"],
  [/\b(?:drain|catch|drip) (?:pan|tray)\b/i, "Catch pan"],
  [/\b(?:axle )?stands\b/i, "Axle stands"],
  [/\b(?:trolley |floor )?jack\b/i, "Jack"],
  [/\bpuller\b/i, "Puller"],
  [/\b(?:angle gauge)\b/i, "Angle gauge"],
  [/\b(?:needle nose|long nose|circlip|slip joint)? ?pliers\b/i, "Pliers"],
  [/\bflat(?:head)? (?:blade|screwdriver)\b|\bscrewdriver\b/i, "Screwdriver"],
  [/\bhose clamps? tool\b/i, "Hose clamp tool"],
  [/\bball joint (?:splitter|separator)\b/i, "Joint splitter"],
];

/** New parts that notes ask for. */
export const PART_WORDS =
  /\bnew (?:(?:pair|set) of )?((?:[a-z]+ ){0,2}?(?:gaskets?|seals?|o[- ]rings?|shoes|filters?|plugs?|washers?|cylinders?|hoses?|mounts?|belts?|bearings?|springs?|clips?|sensors?|thermostat|starter(?: motor)?|pump|bushes|split pins?|cotter pins?|nuts?|bolts?))\b/gi;

export const CAUTION =
  /\b(?:careful|watch (?:out|your|the|for)|mind (?:the|your|out)|don'?t (?:ever|let|force|open|pull|hang|lose|use|hammer)|never|make sure|hot|eye protection|wear (?:gloves|glasses)|drop on)\b/i;
export const DOUBT =
  /\b(?:i think|i thought|i guess|i reckon|maybe|might be|probably|not sure|not certain|around|about|roughly|ish|or so|from memory|if i remember|could be|something like|somewhere around|approx(?:imately)?|don'?t quote me|double[- ]check)\b|\?/i;
export const CORRECTION = /\b(?:sorry|no wait|wait no|i mean|i meant|scratch that|correction|make that|rather|actually(?: no)?|no,? it'?s|ignore that|my mistake|oops)\b/i;

/** Words that begin something to be done. */
export const DOING =
  /^(?:(?:and |then |now |next |so |first |finally |you |i |we |okay |ok |right |gonna |just )*)(undo|remove|take|pull|unplug|unclip|disconnect|unbolt|crack|loosen|slacken|jack|raise|lift|lower|support|drain|bleed|clean|brush|check|inspect|measure|fit|refit|replace|install|torque(?! wrench)|tighten|nip|push|press|slide|tap|knock|reconnect|plug|pump|soak|spray|wait|let|swap|hang|mark|photograph|refill|top|start)\b/i;
