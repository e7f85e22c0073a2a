import type { Writing } from "@/core/model/writing";
import { demo } from "./authoring";

export const writing: Writing[] = [{ ...demo("writing"), currency: "EUR", region: "IE" }];
