"use client";

import { Box } from "@chakra-ui/react";
import type { Answer } from "@/core/model/job";
import { RULES } from "@/core/plan/second-look/second-look";

/** What was answered to the second look, each with what it had to say. */
export function AnswersSaid({ answers }: { answers: readonly Answer[] }) {
  return answers.map(({ rule, about, because }) => (
    <Box key={`${rule} ${about}`} color="watch" fontSize="17px">
      ▲ {RULES.find(({ id }) => id === rule)?.reason ?? ""} You said: “{because}”
    </Box>
  ));
}
