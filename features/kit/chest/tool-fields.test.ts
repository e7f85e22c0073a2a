import { readForm } from "@/core/form";
import { toolSchema } from "@/core/model/tool";
import { stamp } from "@/data/stamp";
import { TOOL_START, type ToolFields, hasDrive, toolForm } from "./tool-fields";

const typed = (more: Partial<ToolFields>) =>
  readForm(toolForm({ ...TOOL_START, ...more }), { ...TOOL_START, ...more });
const wrench = {
  kind: "torque wrench",
  unit: "lbf.ft",
  min: "10",
  max: "75",
  step: "0,5",
  length: "380",
  drive: "3/8",
} as const;

test.each<[Partial<ToolFields>, object[]]>([
  [
    wrench,
    [
      {
        kind: "torque wrench",
        name: "Torque wrench",
        min: 10,
        max: 75,
        step: 0.5,
        gripLengthMm: 380,
        works: "click",
      },
    ],
  ],
  [
    { ...wrench, accuracy: "± 3 %", works: "dial", name: "Beam" },
    [{ name: "Beam", accuracy: 0.03, works: "dial" }],
  ],
  [
    { kind: "socket", sizes: "8, 10; 1/2\nT30", drive: "3/8" },
    [{ name: "8 mm socket" }, { name: "10 mm socket" }, { name: "1/2 in socket" }, { name: "T30 socket" }],
  ],
  [{ kind: "spanner", sizes: "13" }, [{ kind: "spanner", name: "13 mm spanner" }]],
  [{ kind: "crowfoot", sizes: "16", length: "45" }, [{ kind: "crowfoot", offsetMm: 45 }]],
  [{ kind: "drive adapter", drive: "1/2", to: "3/8" }, [{ from: "1/2", to: "3/8" }]],
  [{ kind: "extension", length: "10 in" }, [{ lengthMm: 254 }]],
  [{ kind: "bar or ratchet", length: "600" }, [{ lengthMm: 600 }]],
  [{ kind: "stands", count: "2", rating: "1500" }, [{ count: 2, ratingPerStandKg: 1500 }]],
  [{ kind: "jack", rating: "2000" }, [{ ratingKg: 2000 }]],
])("%j goes into the chest", (more, tools) => {
  const result = typed(more);
  if ("errors" in result) throw new Error(JSON.stringify(result.errors));
  expect(result.value).toMatchObject(tools);
  result.value.forEach((draft) =>
    expect(toolSchema.safeParse({ ...stamp("own"), ...draft }).success).toBe(true),
  );
});

test.each<[Partial<ToolFields>, keyof ToolFields, string]>([
  [{ ...wrench, max: "5" }, "max", "above its bottom"],
  [{ ...wrench, step: "60" }, "step", "most of the scale"],
  [{ ...wrench, step: "0" }, "step", "more than zero"],
  [{ ...wrench, accuracy: "40" }, "accuracy", "at most 20 %"],
  [{ ...wrench, min: "-5" }, "max", "above its bottom"],
  [{ kind: "socket", sizes: " , " }, "sizes", "Type a size"],
  [{ kind: "socket", sizes: "8, M10" }, "sizes", "is a thread"],
  [{ kind: "stands", count: "2", rating: "x" }, "rating", "not a number"],
])("%j is refused at %s", (more, field, says) => {
  const result = typed(more);
  expect("errors" in result && result.errors[field]).toContain(says);
});

test("only what takes a square is asked for its drive", () => {
  expect((["socket", "torque wrench", "crowfoot", "extension"] as const).every(hasDrive)).toBe(true);
  expect((["spanner", "stands", "jack"] as const).some(hasDrive)).toBe(false);
});
