import { COMMANDS, commandHeard } from "./command-heard";

test.each([
  ["Next.", "next"],
  ["OK, next please", "next"],
  ["Done", "done"],
  ["that's done", "done"],
  ["Um, say that again", "again"],
  ["How much?", "how much"],
  ["What's the torque", "how much"],
  ["Trouble!", "trouble"],
  ["it won't move", "trouble"],
  ["Take that back", "take back"],
])("%p is %p", (said, command) => {
  expect(commandHeard(said)).toBe(command);
});

test.each([
  "not done",
  "it isn't done yet",
  "when you are done come in for tea",
  "the next one is a thirteen",
  "no trouble so far",
  "undone",
  "Next, bolt three of four. Again 26.5 pound feet.",
  "okay",
  "",
])("%p is no command", (said) => {
  expect(commandHeard(said)).toBeUndefined();
});

test("no way of saying one command is a way of saying another", () => {
  const all = Object.values(COMMANDS).flat();
  expect(new Set(all.map((way) => commandHeard(way) + way)).size).toBe(all.length);
  for (const [command, ways] of Object.entries(COMMANDS))
    for (const way of ways) expect(commandHeard(way)).toBe(command);
});
