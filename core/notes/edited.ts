import { mergedFastener } from "./check-proposal";
import { type FastenerProposal, type Proposal, type Question, secondOf } from "./proposal";

/** What a person has changed of one proposal. */
export interface Edit {
  dropped?: boolean;
  change?: Record<string, unknown>;
  /** The key of the fastener that it is one with. */
  into?: string;
  /** Two groups were told as one: it stands there twice. */
  split?: boolean;
}

/**
 * By the key of the proposal: its kind and the words it came from, so that a text read again keeps what was
 * corrected.
 */
export type Edits = Readonly<Record<string, Edit>>;

/** What was changed before with this change over it, proposal by proposal and field by field. */
export function withEdits(edits: Edits, change: Edits): Edits {
  const changed = Object.entries(change).map(([key, { change: fields, ...one }]): [string, Edit] => {
    const before = edits[key];
    return [key, { ...before, ...one, ...(fields ? { change: { ...before?.change, ...fields } } : {}) }];
  });
  return { ...edits, ...Object.fromEntries(changed) };
}

export interface EditedRow {
  key: string;
  proposal: Proposal;
  dropped: boolean;
}

function keyOf(text: string, { kind, spans: [span], id }: Proposal): string {
  return `${kind} ${span ? text.slice(span.start, Math.min(span.end, span.start + 60)).toLowerCase() : id}`;
}

/** Where one was split: the key of the second of the two. */
const otherOf = (key: string) => `${key}, the other`;

/** What an answer to a question changes. @param keyOf the key of a proposal by its id, where it still stands. */
export function answered(
  { proposal, change, others = [] }: Question["answers"][number],
  keyOf: (proposal: string) => string | undefined,
): Edits {
  const key = keyOf(proposal);
  const split = others.flatMap((one): [string, Edit][] => {
    const own = keyOf(one.proposal);
    return own === undefined
      ? []
      : [
          [own, { split: true }],
          [otherOf(own), { change: { ...one.change } }],
        ];
  });
  return withEdits(Object.fromEntries(split), key === undefined ? {} : { [key]: { change: { ...change } } });
}

/**
 * The proposals as they were corrected: changed, dropped, merged and split; two that came from the same words
 * are told apart by their order.
 */
export function editedRows(text: string, proposals: readonly Proposal[], edits: Edits): EditedRow[] {
  const seen = new Map<string, number>();
  const keyed = proposals.flatMap((proposal): EditedRow[] => {
    const bare = keyOf(text, proposal);
    const times = (seen.get(bare) ?? 0) + 1;
    seen.set(bare, times);
    const key = times === 1 ? bare : `${bare} ${times}`;
    const rows = [key, ...(edits[key]?.split ? [otherOf(key)] : [])];
    return rows.map((rowKey, i) => {
      const edit = edits[rowKey];
      const base = i === 0 ? proposal : { ...proposal, id: secondOf(proposal.id) };
      return {
        key: rowKey,
        proposal: { ...base, ...edit?.change } as Proposal,
        dropped: edit?.dropped ?? false,
      };
    });
  });
  const byKey = new Map(keyed.map((row) => [row.key, row]));
  const gone = new Map<string, string>();
  for (const row of keyed) {
    const target = byKey.get(edits[row.key]?.into ?? "");
    if (!target || target === row || row.proposal.kind !== "fastener" || target.proposal.kind !== "fastener")
      continue;
    target.proposal = {
      ...mergedFastener(target.proposal, row.proposal),
      ...(edits[target.key]?.change as Partial<FastenerProposal>),
    };
    gone.set(row.proposal.id, target.proposal.id);
    byKey.delete(row.key);
  }
  return [...byKey.values()].map((row) => {
    const { proposal } = row;
    const moved =
      proposal.kind === "step" && proposal.fastener !== undefined ? gone.get(proposal.fastener) : undefined;
    return moved === undefined ? row : { ...row, proposal: { ...proposal, fastener: moved } as Proposal };
  });
}

/** Edits as they lie in this browser; nothing where they cannot be read. */
export function readEdits(kept: string): Edits {
  try {
    const edits: unknown = JSON.parse(kept === "" ? "{}" : kept);
    return typeof edits === "object" && edits !== null && !Array.isArray(edits) ? (edits as Edits) : {};
  } catch {
    return {};
  }
}
