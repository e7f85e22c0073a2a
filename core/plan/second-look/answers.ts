import type { Job } from "../../model/job";
import type { Rule } from "./rule";

/** The job with an answer to a finding, in place of an earlier one to the same. */
export function answerFinding(
  job: Job,
  { rule, about }: { rule: Pick<Rule, "id">; about: string },
  because: string,
  on: string,
): Job {
  const others = (job.answers ?? []).filter((answer) => answer.rule !== rule.id || answer.about !== about);
  return {
    ...job,
    answers: [...others, { rule: rule.id, about, because: because.trim().slice(0, 200), on }],
  };
}

/** The job with the answer to a finding taken back. */
export function takeAnswerBack(job: Job, { rule, about }: { rule: Pick<Rule, "id">; about: string }): Job {
  return {
    ...job,
    answers: (job.answers ?? []).filter((answer) => answer.rule !== rule.id || answer.about !== about),
  };
}
