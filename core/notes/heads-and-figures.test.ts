import { formatHeadSize } from "../quantity/read-head-size";
import { formatFigure } from "../quantity/torque-words";
import { readStory } from "./story";

/** Each fastener on a line: its name, how many, head, what holds it, figure; "?" where it is to be asked about. */
const read = (text: string) =>
  readStory(text).fasteners.map(({ name, count, undo, hold, figure, doubtful, doubtfulSize }) =>
    [
      name,
      count && `× ${count}`,
      undo && formatHeadSize(undo) + (doubtfulSize ? "?" : ""),
      hold && `hold ${formatHeadSize(hold)}`,
      figure && formatFigure(figure) + (doubtful ? "?" : ""),
    ]
      .filter(Boolean)
      .join(", "),
  );

describe("a number goes to what it was said of, and to nothing else", () => {
  test.each<[says: string, text: string, fasteners: string[]]>([
    [
      "what is done then is no second pass over the bolt before",
      "The idler bolt is a 13, take it out. The tensioner bolt is a 15. New idler on, its bolt 18 foot pounds. New tensioner on, then the tensioner bolt 35 foot pounds.",
      ["idler bolt, × 1, 13 mm, 18 lb·ft", "tensioner bolt, × 1, 15 mm, 35 lb·ft"],
    ],
    [
      "two passes over the same bolts are two passes still",
      "Four cover bolts, 10 mm, come out. New gasket. Cover bolts in, first 5 newton metres, then 9 newton metres.",
      ["cover bolts, × 4, 10 mm, 5 N·m, then 9 N·m"],
    ],
    [
      "what is said behind a second size is said of that",
      "Ball joint nut is a 17 with a 5 mm allen in the end of the stud. Crack it. New arm in. Ball joint nut 45 Nm.",
      ["ball joint nut, × 1, 17 mm, hold 5 mm key, 45 N·m"],
    ],
    [
      "no part of a number is a head",
      "Four wheel bolts, 17 mm, come out. New pads in. Wheel on, and hundred and ten newton metres on the wheel bolts.",
      ["wheel bolts, × 4, 17 mm, 110 N·m"],
    ],
    [
      "how many there are is no head, and neither is a torque",
      "Take the cover bolts out, there are 12. The torque on the drain plug is 22. The drain plug is a 17.",
      ["cover bolts, × 12", "drain plug, × 1, 17 mm"],
    ],
    [
      "a head told before the bolt that has it is that of nothing else named meanwhile",
      "Here's the idler, this one's got a thirteen on it. Then the two bracket bolts come off, and the cover with them.",
      ["idler bolt, × 1, 13 mm", "bracket bolts, × 2"],
    ],
    [
      "a head by its number alone, said outright and by the way",
      "The castle nut has a pin in it, pull it out. The nut is nineteen. There's a bracket with one bolt on the bottom fourteen. Take the bracket off, and the cover.",
      ["castle nut, × 1, 19 mm", "bracket bolt on the bottom, × 1, 14 mm?"],
    ],
    [
      "one and the other, over two sentences",
      "The tensioner has two bolts. One is a 15, and the other one's a 13.",
      ["big tensioner bolt, × 1, 15 mm", "small tensioner bolt, × 1, 13 mm"],
    ],
    [
      "some of a lot by their number and the one that is elsewhere; a head told with its figure",
      "The shield is held by five bolts, four of them are twelves and the one at the pipe's a ten. Shield off. Shield back on, the twelves are 20 newton metres and the ten is nine.",
      ["shield bolts, × 4, 12 mm, 20 N·m", "bolt at the pipe, × 1, 10 mm, 9 N·m"],
    ],
    [
      "small heads by their number in the plural",
      "Around the cover there's fourteen little eights. Cover off. Cover on again, the eights are 6 Nm.",
      ["cover bolts, × 14, 8 mm, 6 N·m"],
    ],
    [
      "a number behind a comma, which may be something else: asked",
      "Lower arm, one bolt, 21 mm. Upper arm, one bolt, 18 mm. Arms out. Arms in: the lower bolt 130 Nm, now the upper one, 90.",
      ["lower arm bolt, × 1, 21 mm, 130 N·m", "upper arm bolt, × 1, 18 mm, 90 N·m?"],
    ],
    [
      "a nut of which there are two without a figure: asked",
      "Undo the lock nut, 22 mm. Undo the castle nut, 17 mm. Arm off. Arm back on, then the new nut 45 Nm. Wheel nuts 110 Nm.",
      ["lock nut, × 1, 22 mm", "castle nut, × 1, 17 mm, 45 N·m?", "wheel nuts, 110 N·m"],
    ],
    [
      "what drains is where the plug is, without its name",
      "Drain the oil, it's a nineteen on the plug. Filter off and on. Plug back with a new washer, 35 Nm.",
      ["drain plug, × 1, 19 mm, 35 N·m"],
    ],
    [
      "a line that names something else first, and the head",
      "- frame 4 bolts 10 mm + pump 3 T25\n- frame off\n- pump in\n- pump T25 5 Nm\n- frame 10 Nm",
      ["frame bolts, × 4, 10 mm, 10 N·m", "pump bolts, × 3, T25, 5 N·m"],
    ],
    [
      "two short one long, told apart once something is told of them",
      "The bracket has four bolts, three short and one long, all 14 mm. Bracket off. Bracket on. The short ones 22 Nm, the long one 40 Nm.",
      ["short bracket bolts, × 3, 14 mm, 22 N·m", "long bracket bolt, × 1, 14 mm, 40 N·m"],
    ],
    [
      "and one lot where nothing is",
      "The bracket has four bolts, three short and one long, all 14 mm. Bracket off. Bracket on, the bolts 22 Nm.",
      ["bracket bolts, × 4, 14 mm, 22 N·m"],
    ],
    [
      "the same as the one before",
      "Upper pump bolt 16 mm, hold the nut with a 15. Lower bolt same. Pump off.",
      ["upper pump bolt, × 1, 16 mm, hold 15 mm", "lower bolt, × 1, 16 mm, hold 15 mm"],
    ],
    [
      "some that are pointed at, and their head behind",
      "The tank comes off its bracket once you take those three, they're elevens. Tank off. Tank on, tank bolts 8 Nm.",
      ["tank bolts, × 3, 11 mm, 8 N·m"],
    ],
    [
      "up high is no distance; a single one; a figure that is near enough",
      "The box is on with three nuts and they're elevens and one bolt up high and that's a twelve. Guide: single bolt, 10 mm. Box off. Guide on. Box nuts 15 Nm. Top bolt 25 Nm. Guide bolt, nine ish.",
      ["box nuts, × 3, 11 mm, 15 N·m", "box bolt, × 1, 12 mm, 25 N·m", "guide bolt, × 1, 10 mm, 9 N·m?"],
    ],
    [
      "a bolt's bleeder and plug are not the bolts before them",
      "Two bracket bolts, 10 mm, at the front. The plug is a 14 mm hex key. Drain it. The plug: 35 Nm.",
      ["bracket bolts, × 2, 10 mm", "drain plug, × 1, 14 mm key, 35 N·m"],
    ],
  ])("%s", (_, text, fasteners) => {
    expect(read(text)).toEqual(fasteners);
  });
});

describe("as people tell it", () => {
  test.each<[says: string, text: string, fasteners: string[]]>([
    [
      "most of a lot and the rest, told apart by how large they are; and a figure as one of two",
      "The cover has nine bolts, most of them are 12s, and there's two 10s at the corner. Take them all out. New gasket. The big ones go to 20 foot pounds and the little ones 7 or 8 foot pounds.",
      ["big cover bolts, × 7, 12 mm, 20 lb·ft", "small cover bolts, × 2, 10 mm, 7 to 8 lb·ft"],
    ],
    [
      "how many and where, before what they do; long and short, by what is told of them",
      "The pump is held on by three bolts. Two at the bottom go right through into the bracket, they're long, and they were 13s. The top one is shorter, that was a 15. Going back, the long ones 45 newton metres. The short one 25.",
      ["lower bolts, × 2, 13 mm, 45 N·m?", "top pump bolt, × 1, 15 mm, 25 N·m?"],
    ],
    [
      "a second pass by its number alone",
      "Ten bolts hold the cover, half inch heads. Cover back on, start them all by hand, twenty foot pounds first and then thirty.",
      ["cover bolts, × 10, 1/2 in, 20 lb·ft, then 30 lb·ft"],
    ],
    [
      "an angle without its degrees is asked about; numbers by themselves are those of what stands beside them",
      "Drop link nut, 16 mm. Pinch bolt, 18 mm. Wheel bolts, 17 mm, x5. New arm in. Pinch bolt 60 Nm + 90. Link 50. Wheels 120.",
      [
        "drop link nut, × 1, 16 mm, 50 N·m",
        "pinch bolt, × 1, 18 mm, 60 N·m + 90°?",
        "wheel bolts, × 5, 17 mm, 120 N·m",
      ],
    ],
    [
      "another truck's head",
      "The tray bolts are 10 mm, four of them. On the other truck I had they were half inch. Tray back on, 8 newton metres.",
      ["tray bolts, × 4, 10 mm, 8 N·m"],
    ],
    [
      "a bolt that pushes something off is none of the job",
      "To get the drum off take an 8 mm bolt, run it in there and it pushes itself off. The cylinder has two bolts, 10 mm.",
      ["cylinder bolts, × 2, 10 mm"],
    ],
    [
      "the bolt of a clamp is the clamp",
      "The clamp on the downpipe is a band one with a single bolt through it, that's a 13. New gasket. Band clamp back on, 40 newton metres.",
      ["clamp on the downpipe, × 1, 13 mm, 40 N·m"],
    ],
    [
      "one of three that looks otherwise is one of three; a figure once more in another unit is the same",
      "The housing has three bolts, two are short and one's long. The long one goes at the bottom. They're all ten millimetre. Housing back on, 89 inch pounds, which is like seven and a half foot pounds.",
      ["housing bolts, × 3, 10 mm, 89 lb·in"],
    ],
    [
      "what is pulled aside is not what it hides",
      "The strut. Up top pull the scuttle trim back, and there's three thirteens round the edge. Strut back in, tops are 25 newton metres.",
      ["strut bolts, × 3, 13 mm, 25 N·m"],
    ],
    [
      "fifty each is of the three just told, and not of the next bolt",
      "The arm has three bolts, 15 mm. The pinch bolt is an 18. New arm in. Three to the arm: fifty newton metres each. Pinch bolt, that's fifty four.",
      ["arm bolts, × 3, 15 mm, 50 N·m", "pinch bolt, × 1, 18 mm, 54 N·m"],
    ],
    [
      "four coils with a bolt each",
      "Coil packs x4, each has 1 bolt, 10 mm. New coils in. Coil bolts 8 newton metres.",
      ["coil bolts, × 4, 10 mm, 8 N·m"],
    ],
    [
      "a spec is no list of tools for the chisel that is told behind it",
      "The axle nut is a 32. New hub in. The axle nut you want a new one comes with the hub and the spec on that is 180 foot pounds so get the big wrench out and stake it with the chisel.",
      ["axle nut, × 1, 32 mm, 180 lb·ft"],
    ],
    [
      "a filter's cap has its head, and gives it to nothing on the line before",
      "- wheel off, 5 bolts 17mm\n- cooler bolts, 4, T45, 15 Nm\n- oil filter cap 32mm, 25 Nm\n- fill 4 L",
      ["wheel bolts, × 5, 17 mm", "cooler bolts, × 4, T45, 15 N·m", "filter cap, × 1, 32 mm, 25 N·m"],
    ],
    [
      "models before the facelift are other cars",
      "Clamp nut, 13 mm, off. New pipe in. Tighten the clamp nut to 35 Nm. Models before the facelift: 45 Nm.",
      ["clamp nut, × 1, 13 mm, 35 N·m"],
    ],
    [
      "new clips are a part, and no fastener that was undone",
      "Two bracket bolts, 16 mm. Pads out. New clips in the bracket. Bracket bolts 76 foot pounds.",
      ["bracket bolts, × 2, 16 mm, 76 lb·ft"],
    ],
    [
      "bolts by no name, where two lots have no figure yet, are those whose heads can bear it, and asked about",
      "The starter motor has two bolts into the bellhousing, both 16 mm. Undo the heat shield, 2x 8 mm bolts. Now it comes out. What about torques then? I asked around and waited a bit for the answer. Bolts 45 Nm.",
      ["starter motor bolts, × 2, 16 mm, 45 N·m?", "heat shield bolts, × 2, 8 mm"],
    ],
    [
      "a nut of which nothing is told is the one that has no figure by its name",
      "The jam nut on the rod is a 22. The ball sits in the arm with a nyloc nut, 17 mm. New gaiter, rod greased, everything wound on again as it was. New nut at 40. Then the jam nut 65 Nm.",
      ["jam nut, × 1, 22 mm, 65 N·m", "ball nyloc nut, × 1, 17 mm, 40 N·m?"],
    ],
    [
      "told by their head alone they are none with another",
      "Relay box: two nuts 10 mm, off. The fan stays in the frame: 3 x T20. Back in: T20s 4 Nm. Relay nuts 9 Nm.",
      ["relay box nuts, × 2, 10 mm, 9 N·m", "relay box bolts, × 3, T20, 4 N·m"],
    ],
    [
      "so many of a lot, and the rest by where they are; all of them are both",
      "The collector is held by eight nuts. Six of them are 12 mm and the two lower ones are a 13. New gasket on. All the collector nuts 15 Nm.",
      ["collector nuts, × 6, 12 mm, 15 N·m", "lower collector nuts, × 2, 13 mm, 15 N·m"],
    ],
    [
      "a nut on each stud, and a sensor told by its socket",
      "The pipe hangs on two studs with 13 mm nuts. The pressure sensor came out as well, 18 Nm when it goes back, 24 mm deep socket. Pipe nuts 30 Nm.",
      ["pipe nuts, × 2, 13 mm, 30 N·m", "pressure sensor, × 1, 24 mm, 18 N·m"],
    ],
    [
      "its nut is that of what was just named; a number alone is that of the new ones that came",
      "Three bolts through the plate, 16 mm. The pinch bolt is an 18. The brace was in the way, so I took its top nut off, that's a 15. Going back: plate up, three new bolts came with it, run them in by hand, 55. Pinch bolt 80 Nm. The brace, 48.",
      [
        "bolts through the plate, × 3, 16 mm, 55 N·m?",
        "pinch bolt, × 1, 18 mm, 80 N·m",
        "top brace nut, × 1, 15 mm, 48 N·m?",
      ],
    ],
    [
      "a size before others are named is of what was spoken of before",
      "There's one long bolt down through the middle of the mount, that's a 17 and three bolts holding the arm which are fourteens. Take them out. New mount in. Long one is 85 Nm.",
      ["long bolt, × 1, 17 mm, 85 N·m", "bolts holding the arm, × 3, 14 mm"],
    ],
    [
      "the bolt of a clamp has a nut and a head; bolts told by their thread",
      "Clamp at the downpipe: 1 bolt, nut 16 / head 14. Hanger on the body: 2 x M6, 10 mm. Back in: hanger 9 Nm. Clamp 40 Nm.",
      ["clamp at the downpipe, × 1, 16 mm, hold 14 mm, 40 N·m", "hanger M6 bolts, × 2, 10 mm, 9 N·m"],
    ],
    [
      "in inches a bolt is called by its thread; the same again; from so much to so much without a unit",
      "The half inch bolts at the shackle, so that's a three quarter wrench on the head and another three quarter on the nut. One eye bolt, eleven sixteenths both ends. U-bolts over the axle with four nuts a side, three quarters. Going back together. Shackle bolts thirty to forty foot pounds. The eye bolt the same. The U-bolt nuts are sixty to sixty five.",
      [
        "bolts at the shackle, 3/4 in, hold 3/4 in, 30 to 40 lb·ft",
        "eye bolt, × 1, 11/16 in, hold 11/16 in, 30 to 40 lb·ft",
        "U-bolt nuts, × 8, 3/4 in, 60 to 65 lb·ft",
      ],
    ],
    [
      "a ring that holds something down is turned, and has the figure said of it",
      "The plate has four screws, 10 mm. The sender is held by a big plastic ring. Turn it and lift it out. New seal. Ring on, 60 Nm. Plate screws 3 Nm.",
      ["plate screws, × 4, 10 mm, 3 N·m", "big plastic ring, × 1, 60 N·m"],
    ],
    [
      "the same bolt is another, with the same torque; flats are held",
      "The tensioner is just one bolt in the middle, 15 mil. New one in, bolt in, 37 foot pounds. The idler pulley up top, it's the same bolt, same torque. End link: 16 on the nut and a 14 wrench on the flats behind the boot. Link nut 48.",
      [
        "tensioner bolt in the middle, × 1, 15 mm, 37 lb·ft",
        "idler pulley bolt, × 1, 15 mm, 37 lb·ft",
        "end link nut, × 1, 16 mm, hold 14 mm, 48 lb·ft",
      ],
    ],
    [
      "a clamp that is squeezed is not tightened to a figure",
      "Two hoses with spring clamps on the bulkhead. The bracket has one bolt, 10 mm. New O-rings. Clamps on, 3 Nm. Bracket bolt 9 Nm.",
      ["spring clamps", "bracket bolt, × 1, 10 mm, 9 N·m"],
    ],
    [
      "a head is put right later on; so many behind a figure; a cross head in two words",
      "Under the trim three torx 30. Then the card: one cross head behind the handle. Speaker out, 4 screws, 8 mm. They were T25 btw, not 30. New one on, 7 Nm the three.",
      [
        "trim bolts, × 3, T25, 7 N·m",
        "card cross-head screw behind the handle, × 1",
        "speaker screws, × 4, 8 mm",
      ],
    ],
    [
      "the two at a place are those that are two and have no figure yet",
      "The arm hangs from the frame by two bolts, 15 mm. The flange has four bolts, 12 mm. Going back. Flange bolts 51 foot pounds. Then tighten the two at the crossmember, thirty seven foot pounds.",
      ["arm bolts, × 2, 15 mm, 37 lb·ft", "flange bolts, × 4, 12 mm, 51 lb·ft"],
    ],
    [
      "what the wheels are off by is no head of a wheel cylinder's bolts",
      "Wheels off, 19 mm. Let the drums cool for an hour. The wheel cylinder has two bolts at the back. Cylinder bolts 9 Nm.",
      ["wheel cylinder bolts at the back, × 2, 9 N·m"],
    ],
    [
      "a union that is countered",
      "Two unions at the box, 22 mm, and you must counter with a 24 on the adaptor. New lines. Unions 30 Nm.",
      ["unions, × 2, 22 mm, hold 24 mm, 30 N·m"],
    ],
    [
      "a snap ring is levered out, and the same size is no figure",
      "The bearing is held by a snap ring. Pull the snap ring out. Upper link bolt 15 mm, lower link bolt 18 mm. Going back. New bearing, snap ring in. Lower link bolt 80 Nm. The upper link bolt is not the same size.",
      ["upper link bolt, × 1, 15 mm", "lower link bolt, × 1, 18 mm, 80 N·m"],
    ],
    [
      "how strong a bolt is is no torque, and its new nut is its other end; what the wheels are off by",
      "Front up, wheels off, 21 mm. Let it all soak for an hour and have some tea. Mine was rusted like the rest of it. The head sits on the drawbar with two through bolts, 19 mm both ends. New head on. Bolts are new, 10.9, with new lock nuts, tighten with 77 Nm alternately. Lugs 110 Nm.",
      ["through bolts, × 2, 19 mm, hold 19 mm, 77 N·m", "wheel lugs, 21 mm, 110 N·m"],
    ],
    [
      "a nut that goes on is not what the bolts before it are held by",
      "The plate has four bolts at the back, 17, I gave them 50 newton metres. Under the cap there's a castle nut, 27. Drum on, nut on. Nip it up to 30 newton metres.",
      ["plate bolts at the back, × 4, 17 mm, 50 N·m", "castle nut, × 1, 27 mm, 30 N·m"],
    ],
    [
      "how many there are is no head",
      "The cover is held by six hex-head screws, 10 mm. Four head bolts, 15 mm, 30 Nm.",
      ["cover screws, × 6, 10 mm", "cover bolts, × 4, 15 mm, 30 N·m"],
    ],
    [
      "a head with a recess is turned by a key",
      "Six allen bolts hold the cover, five mil. The bracket is on two allen bolts and a 13 mm nut.",
      ["allen bolts, × 6, 5 mm key", "allen bolts, × 2", "bracket nut, × 1, 13 mm"],
    ],
    [
      "a quarter turn further is kept, a turn back is none, nor is one instead of a torque",
      "Crossmember: four bolts, 18 mm. Hub nut, 30 mm. Spark plug, 16 mm. Torques: crossmember 40 Nm, then another quarter turn. Hub nut 20 Nm then half a turn back. Spark plug 18 Nm, or snug + 1/4 turn.",
      [
        "crossmember bolts, × 4, 18 mm, 40 N·m + 90°",
        "hub nut, × 1, 30 mm, 20 N·m",
        "spark plug, × 1, 16 mm, 18 N·m",
      ],
    ],
    [
      "where some are, and others of their kind elsewhere",
      "Airbox: two bolts on top, 10 mm, and one behind the battery, 13 mm. The shield has three bolts, two at the front and one at the back.",
      ["airbox bolts on top, × 2, 10 mm", "airbox bolt behind the battery, × 1, 13 mm", "shield bolts, × 3"],
    ],
    [
      "a thread told before its heads; the same size; the nuts of a U-bolt",
      "U bolts, two a side so four nuts a side, three quarter inch. Front eye bolt is a nine sixteenths bolt so the heads are seven eighths and the nut's seven eighths too. Rear shackle has two bolts, same size.",
      [
        "U-bolt nuts, × 8, 3/4 in",
        "front eye bolt, × 1, 7/8 in, hold 7/8 in",
        "rear shackle bolts, × 2, 7/8 in, hold 7/8 in",
      ],
    ],
    [
      "a figure between two numbers, and others without a unit behind it",
      "Glass: two bolts, 10 mm. The motor is on three screws, T27. Regulator nuts, five, 10 mm. New one in. Regulator nuts like eight nine newton metres. Glass bolts are only five. Motor screws four and a half.",
      [
        "glass bolts, × 2, 10 mm, 5 N·m",
        "motor screws, × 3, T27, 4.5 N·m",
        "regulator nuts, × 5, 10 mm, 8 to 9 N·m",
      ],
    ],
    [
      "an arm's nut is none of another kind of arm's",
      "Wiper arms: 16 mm nuts, two of them. Motor to linkage: 3 x T30, and the crank arm nut, 13 mm. Back together: crank arm nut 18 Nm, motor screws 10, wiper arm nuts 20 in a star.",
      [
        "wiper arm nuts, × 2, 16 mm, 20 N·m",
        "motor to linkage bolts, × 3, T30, 10 N·m",
        "crank arm nut, × 1, 13 mm, 18 N·m",
      ],
    ],
    [
      "what two things are joined by is none of what another two are; a bolt in each of two; what all the small ones get",
      "Arm to body: one bolt 18 mm. Arm to knuckle: two bolts, 16 mm. The hose is held by two P clips, each with one 10 mm bolt. The cover is held with 4 screws, T20, the motor with 3 screws, T25. New arm in. Body bolt 90 Nm, knuckle bolts 110. 1.5 Nm for all the small screws.",
      [
        "arm to body bolt, × 1, 18 mm, 90 N·m",
        "arm to knuckle bolts, × 2, 16 mm, 110 N·m",
        "P-clips, × 2",
        "P-clip bolts, × 2, 10 mm",
        "cover screws, × 4, T20, 1.5 N·m",
        "motor screws, × 3, T25, 1.5 N·m",
      ],
    ],
    [
      "an answer to a question; a clamp behind a battery; the same thing once more",
      "Battery off, 10 mm. The air tube has a clamp on each end, 8 mm. Q: and the ball joint nut? A: 18, and a 24 spanner with a 13 on the flat of the rod. The harness is on two nuts, 8 mm. Six coil bolts, 8 mm. New tube in. Coil bolts 8 Nm. Harness nuts same thing. Ball joint nut 35 Nm.",
      [
        "battery terminal, × 1, 10 mm",
        "air tube clamp, × 2, 8 mm",
        "ball joint nut, × 1, 18 mm?, hold 13 mm, 35 N·m",
        "harness nuts, × 2, 8 mm, 8 N·m",
        "coil bolts, × 6, 8 mm, 8 N·m",
      ],
    ],
    [
      "twelve points are no count; a unit said once for all, last; a number once more digit by digit is no other",
      "There's four twelve-point bolts at the case end, half inch. Flange nut is an inch and a quarter. New seal in. Nut goes back with red, a hundred and thirty. Case end bolts fifty five with blue on them. Strap bolts fourteen, one four. That's all foot pounds.",
      ["bolts at the case end, × 4, 1/2 in 12-point, 55 lb·ft", "flange nut, × 1, 1 1/4 in, 130 lb·ft?"],
    ],
    [
      "what is turned further is what has just got its torque, and what nobody told of gets none",
      "The mount has two bolts to the body, 16 mm. The tensioner is one bolt, 15 mm. New one on, 45 Nm. The engine bracket ones are sixty, then ninety degrees. The body ones are 55.",
      ["mount bolts to the body, × 2, 16 mm, 55 N·m", "tensioner bolt, × 1, 15 mm, 45 N·m"],
    ],
    [
      "front and rear of one thing, with one head, have one figure; a side names what sits there",
      "Seat out. Front 2 bolts T50. Rear 2, also T50. Frame side is a nut on a taper, 24. Seat back in, bolts by hand. Seat bolts 35 Nm. Nut on the frame side 72 Nm.",
      [
        "front seat bolts, × 2, T50, 35 N·m",
        "rear seat bolts, × 2, T50, 35 N·m",
        "frame side nut on a taper, × 1, 24 mm, 72 N·m",
      ],
    ],
    [
      "bolts called by their diameter, which a figure goes with, are not turned by that; with another they may be",
      "The coupling has two bolts, 19 on the top. Off it comes. New coupling on with new bolts, 85 newton metres. They're twelve mil bolts.",
      ["coupling bolts, × 2, 19 mm, 85 N·m"],
    ],
    [
      "a thing named by itself, once things go back, is what its bolts are spoken of from there on",
      "The cooler lines have two nuts, 5/8 wrench. The brackets have two bolts, 10 mm. Both are off and the radiator is out. New radiator in. Brackets on, 71 inch pounds on those two bolts. Cooler lines, start them by hand, hold the fitting with a three quarter wrench and go to 18 foot pounds.",
      ["cooler line nuts, × 2, 5/8 in, hold 3/4 in, 18 lb·ft", "bracket bolts, × 2, 10 mm, 71 lb·in"],
    ],
    [
      "six lobes by their number in words; a lock nut is no other end; others of a kind are others",
      "The roller is one bolt, torx fifty. The rod has an adjuster nut, 10 mm, lock nut behind it also 10. The handle is held with 2 nuts 8mm. The light surround comes off too, that's 2 more 8mm nuts.",
      [
        "roller bolt, × 1, T50",
        "adjuster nut, × 1, 10 mm",
        "lock nut, × 1, 10 mm",
        "handle nuts, × 2, 8 mm",
        "light surround nuts, × 2, 8 mm",
      ],
    ],
    [
      "bolts called by what stood beside them get its figure; brackets between are passed over",
      "Carpet back, two M6 bolts (10 mm head) hold the guide plate down. The cable is fixed to the arm with one bracket, one 12 mm bolt. New cable in.\nbracket to arm - 22 Nm\nguide plate - 9 Nm",
      ["guide plate bolts, × 2, 10 mm, 9 N·m", "cable bolt, × 1, 12 mm, 22 N·m"],
    ],
    [
      "how long it is is no head; how a thing is is nothing that is worked on",
      "The neck has two bolts, 1/2 in heads, the back one is three inches long. The wire's short. Off it comes.",
      ["neck bolts, × 2, 1/2 in"],
    ],
    [
      "in each arch so many of each; screws and bolts each by their word; all with one head, wherever they are",
      "Undo the six T25 screws along the grille. In each wheel arch remove 3 T25 screws and one 10 mm bolt. Bar: 4 nuts 13 mm per side. Bar back on. Nuts 33 Nm. Wheel arch bolts 8 Nm. All T25 screws 2.5 Nm.",
      [
        "screws along the grille, × 6, T25, 2.5 N·m",
        "wheel arch screws, × 6, T25, 2.5 N·m",
        "wheel arch bolt, × 2, 10 mm, 8 N·m",
        "bar nuts, × 8, 13 mm, 33 N·m",
      ],
    ],
    [
      "both sides, told once: one of each is two; what one side alone has is one; so many of the wheels before they are named",
      "Track rod ends, both sides. Wheels off (17 mm, 5 each). Castle nut 19 mm. Lock nut 22 mm. On the left only there's a sensor nut, 10 mm. New ones on. Castle nuts 38 Nm. Lock nuts 55. Wheel nuts 110 Nm.",
      [
        "castle nuts, × 2, 19 mm, 38 N·m",
        "lock nuts, × 2, 22 mm, 55 N·m",
        "sensor nut, × 1, 10 mm",
        "wheel nuts, × 10, 17 mm, 110 N·m",
      ],
    ],
    [
      "a head that nothing has is that of bolts of their own; each size of what it is on; how many, then their head",
      "Thats ten mil on the terminals and a thirteen on the strap nut. The bracket is four bolts, tens. Three bolts into the gearbox, they're fifteens. Mount out, new one in. Fifteens are fifty. The sixteens are eighty newton metres.",
      [
        "battery terminals, 10 mm",
        "strap nut, × 1, 13 mm",
        "bracket bolts, × 4, 10 mm",
        "bolts into the gearbox, × 3, 15 mm, 50 N·m",
        "bolts, 16 mm, 80 N·m",
      ],
    ],
    [
      "what it takes once more on another day is no angle of this one",
      "The clamp has one nut, 15 mm. New clamp on, 32 newton metres. When its been hot and gone cold again put the spanner on that clamp again itll take another quarter turn.",
      ["clamp, × 1, 15 mm, 32 N·m"],
    ],
    [
      "of one number in two units the one that its head can bear; five and a half by itself is a head",
      "The blower is held by little screws, so there's three 5 and a half, those are 18 inch pounds. Blower out. The resistor has two screws, I said T25, that was wrong, it's a T20. New blower in, the three screws, eighteen foot pounds like I said.",
      ["little blower screws, × 3, 5.5 mm, 18 lb·in?", "resistor screws, × 2, T20"],
    ],
    [
      "what is left alone keeps its figure; what comes over from the old one is of this job; a flare is no damper's nut",
      "The old unit has a cover plate, six pozi screws, and that has to come over to the new one. The sensor has one bolt, 8 mm, and next to it is the knock sensor with a 13 mm bolt, that one is 20 Nm but you aren't touching it.\n- damper lower nut, 18 mm\n- damper 68 Nm\n- flares 14 Nm",
      [
        "cover plate cross-head screws, × 6",
        "sensor bolt, × 1, 8 mm",
        "damper lower nut, × 1, 18 mm, 68 N·m",
        "damper flares, 14 N·m",
      ],
    ],
    [
      "what is on the back plate is held by nothing; new bolts are those without a figure, and no next pass of the others",
      "The pump has three E10 bolts. Pump off. Splitting the pump: four T20 on the back plate, and they were glued. New ring in dry. Plate back on, T20s 5 Nm crosswise. New bolts, finger tight, then 8 Nm + 90 degrees. The steel-bolt version is 22 Nm straight.",
      ["pump bolts, × 3, E10, 8 N·m + 90°", "pump bolts, × 4, T20, 5 N·m"],
    ],
    [
      "heads with their nuts; nuts of bolts are no single castle nut; six lobes in the plural",
      "Two bolts to the chassis. They're 17 heads with a 19 nut inside the rail. The castle nut is a 22. The cover has six torx twenty fives. Arm out, new arm in. Nuts on, do them up to 65 newton metres. Castle nut 45.",
      [
        "bolts to the chassis, × 2, 17 mm, hold 19 mm, 65 N·m",
        "castle nut, × 1, 22 mm, 45 N·m",
        "cover bolts, × 6, T25",
      ],
    ],
  ])("%s", (_, text, fasteners) => {
    expect(read(text)).toEqual(fasteners);
  });
});

test("bolts that are told apart once they go back come off too, each", () => {
  const { steps } = readStory(
    "The starter has three bolts, two short one long, all 14 mm. Starter out.\nNew starter in. Short ones 45 Nm, long one 60 Nm.",
  );
  expect(
    steps.filter(({ fastener }) => fastener !== undefined).map(({ says, what }) => [says, what]),
  ).toEqual([
    ["remove", "short starter bolts"],
    ["remove", "long starter bolt"],
    ["torque", "short starter bolts to 45 N·m"],
    ["torque", "long starter bolt to 60 N·m"],
  ]);
});
