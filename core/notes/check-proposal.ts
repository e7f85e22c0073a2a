import { orSentence, InputError } from "../input-error";
import { readHeadSize } from "../quantity/read-head-size";
import { readNumber } from "../quantity/read-number";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { type FastenerProposal, type Proposal } from "./proposal";

/** What is wrong with a proposal as it stands, by field; empty when it can go into the plan. */

export function checkProposal(
  proposal: Proposal,
): Partial<Record<"name" | "title" | "wait" | "count" | "size" | "sizeToDoUp" | "hold" | "torque", string>> {
  const errors: ReturnType<typeof checkProposal> = {};
  const read = (field: keyof typeof errors, how: () => void) => {
    const says = orSentence(
      () => {
        how();
        return undefined;
      },
      (sentence) => sentence,
    );
    if (says !== undefined) errors[field] = says;
  };
  if (proposal.kind === "step") {
    if (proposal.title.trim() === "") errors.title = "Say what is done.";
    read("wait", () => {
      if (proposal.wait.trim() !== "" && readNumber(proposal.wait, "The wait").value <= 0)
        throw new InputError("Minutes above nothing.");
    });
    return errors;
  }
  if (proposal.name.trim() === "") errors.name = "Say what it is.";
  if (proposal.kind !== "fastener") return errors;
  read("count", () => {
    const { value } = readNumber(proposal.count, "The count");
    if (!Number.isInteger(value) || value < 1 || value > 64)
      throw new InputError("A whole number from 1 to 64.");
  });
  for (const field of ["size", "sizeToDoUp", "hold"] as const)
    read(field, () => void (proposal[field].trim() !== "" && readHeadSize(proposal[field])));
  read("torque", () => void (proposal.torque.trim() !== "" && readTorqueFigure(proposal.torque)));
  return errors;
}

/** Two groups that are one: what the first does not say is taken from the second. */

export function mergedFastener(into: FastenerProposal, from: FastenerProposal): FastenerProposal {
  const either = (field: "size" | "sizeToDoUp" | "hold" | "torque") =>
    into[field].trim() === "" ? from[field] : into[field];
  return {
    ...into,
    count: into.count === "1" ? from.count : into.count,
    size: either("size"),
    sizeToDoUp: either("sizeToDoUp"),
    hold: either("hold"),
    torque: either("torque"),
    doubtfulSize: into.doubtfulSize || (into.size.trim() === "" && from.doubtfulSize),
    doubtful: into.doubtful || (into.torque.trim() === "" && from.doubtful),
    traits: [...new Set([...into.traits, ...from.traits])],
    spans: [...into.spans, ...from.spans],
  };
}
