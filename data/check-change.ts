import { InputError } from "@/core/input-error";
import { recordSchemas } from "@/core/model/household";
import { type Change, touchedBy } from "./change";
import { sentenceOf } from "./sentence";

/** @throws InputError naming the first thing in the change that the model does not allow. */
export function checkChange(change: Change): void {
  for (const collection of touchedBy(change)) {
    for (const record of change.put?.[collection] ?? []) {
      const result = recordSchemas[collection].safeParse(record);
      if (!result.success) throw new InputError(`This could not be saved. ${sentenceOf(result.error)}`);
    }
  }
}
