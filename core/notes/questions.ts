import { capital } from "../capital";
import { formatTorque } from "../quantity/torque-quantity";
import { formatFigure } from "../quantity/torque-words";
import { type FastenerProposal, type Question, secondOf, stepId } from "./proposal";
import type { Story } from "./story";

export const UNDONE = /^(?:remove|undo|loosen|crack|unbolt|take|slacken)/i;
/** A figure, and the same again in another unit. */
const MOST_IN_ONE_UNIT = 2;
/** Those of which no figure was said. */
export const bareOf = (fasteners: readonly FastenerProposal[]) =>
  fasteners.filter(({ torque }) => torque === "");
export function questionsOf(story: Story, fasteners: readonly FastenerProposal[]): Question[] {
  /** The figures that were said of a fastener, each once. */
  const saidOf = (i: number) => [
    ...new Set(
      story.figures
        .filter(({ fastener, notUsed }) => fastener === i && notUsed === undefined)
        .map(({ figure }) => formatFigure(figure)),
    ),
  ];
  const slips = story.slips.flatMap(({ fastener, said, meant }): Question[] => {
    const one = fasteners[fastener];
    // Of so many figures which is its own comes before the unit of one of them.
    if (!one || saidOf(fastener).length > MOST_IN_ONE_UNIT) return [];
    return [
      {
        id: `slip ${fastener}`,
        asks: `${one.name}: said was ${formatTorque(said)}. As ${formatTorque(meant)} it would fit this head. Which is it?`,
        spans: one.spans,
        answers: [said, meant].map((torque) => ({
          says: formatTorque(torque),
          proposal: one.id,
          change: { torque: formatTorque(torque), doubtful: torque === said },
        })),
      },
    ];
  });
  const both = fasteners.flatMap((one, i): Question[] => {
    const said = saidOf(i);
    if (said.length < 2 || slips.some(({ answers }) => answers[0]?.proposal === one.id)) return [];
    return [
      {
        id: `both ${i}`,
        asks: `${one.name}: ${said.join(" and ")} were ${said.length > 2 ? "all" : "both"} said. Which is it?`,
        spans: one.spans,
        answers: said.map((torque) => ({
          says: torque,
          proposal: one.id,
          change: { torque, doubtful: false },
        })),
      },
    ];
  });
  const units = fasteners.flatMap((one, i): Question[] => {
    const figures = story.fasteners[i]?.inSomeUnit ?? [];
    const answers = figures.map(formatFigure).map((torque) => ({
      says: torque,
      proposal: one.id,
      change: { torque, doubtful: false },
    }));
    const [first] = answers;
    return first
      ? [
          {
            id: `unit ${i}`,
            asks: `${one.name}: ${first.says.replace(/[^\d]*$/, "")} was told without its unit. Which is it?`,
            spans: one.spans,
            answers,
          },
        ]
      : [];
  });
  // One bolt under two names, or two: what is written down of it is of both.
  const sames = fasteners.flatMap((one, i): Question[] => {
    const other = one.otherHalf;
    if (
      other === undefined ||
      one.torque === "" ||
      slips.some(({ answers }) => answers[0]?.proposal === one.id)
    )
      return [];
    const { name, size, torque, id, spans } = one;
    const torqued = story.steps.flatMap(({ says, fastener }, k) =>
      says === "torque" && fastener === i ? [stepId(k)] : [],
    );
    return [
      {
        id: `same ${i}`,
        asks: `“${capital(other)}” and “${name}”: are they the same, with ${size} and ${torque}?`,
        spans,
        answers: [
          { says: "The same", proposal: id, change: { doubtful: false } },
          {
            says: "Others",
            proposal: id,
            change: { torque: "", doubtful: false },
            others: [
              { proposal: id, change: { name: capital(other), size: "", torque, doubtful: false } },
              ...torqued.map((proposal) => ({
                proposal,
                change: { title: `Torque ${other}`, fastener: secondOf(id) },
              })),
            ],
          },
        ],
      },
    ];
  });
  const asked = new Set([...slips, ...both, ...sames].map(({ answers }) => answers[0]?.proposal));
  const doubts = fasteners.flatMap((one): Question[] =>
    one.doubtful && one.torque !== "" && !asked.has(one.id)
      ? [
          {
            id: `doubt ${one.id}`,
            asks: `${one.name}: ${one.torque}${one.size ? ` on ${one.size}` : ""} is not sure, as it was told. Do you know it?`,
            spans: one.spans,
            answers: [
              { says: `It is ${one.torque}`, proposal: one.id, change: { doubtful: false } },
              { says: "Leave the figure out", proposal: one.id, change: { torque: "", doubtful: false } },
            ],
          },
        ]
      : [],
  );
  const bare = bareOf(fasteners);
  const loose = story.figures.flatMap(({ figure, fastener, notUsed, span }, i): Question[] =>
    fastener === undefined && notUsed === undefined
      ? [
          {
            id: `loose ${i}`,
            asks: `What gets ${formatFigure(figure)}?`,
            spans: [span],
            answers: bare.slice(0, 4).map((one) => ({
              says: one.name,
              proposal: one.id,
              change: { torque: formatFigure(figure), spans: [...one.spans, span] },
            })),
          },
        ]
      : [],
  );
  return [...slips, ...both, ...units, ...sames, ...doubts, ...loose];
}
