import { forgetHere, keepHere, keptHere } from "./kept-here";

afterEach(() => {
  jest.restoreAllMocks();
  localStorage.clear();
});

test("a text is kept by its name until it is forgotten", () => {
  expect(keepHere("draft", "80 N·m")).toBe(true);
  expect(keptHere("draft")).toBe("80 N·m");
  forgetHere("draft");
  expect(keptHere("draft")).toBeUndefined();
});

test("a browser without room keeps what it had, and breaks nothing", () => {
  keepHere("draft", "before");
  jest.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
    throw new DOMException("full", "QuotaExceededError");
  });
  expect(keepHere("draft", "after")).toBe(false);
  expect(keptHere("draft")).toBe("before");
});

test("a browser that keeps nothing at all breaks nothing either", () => {
  for (const how of ["getItem", "removeItem"] as const)
    jest.spyOn(Storage.prototype, how).mockImplementation(() => {
      throw new DOMException("denied", "SecurityError");
    });
  expect(keptHere("draft")).toBeUndefined();
  expect(() => forgetHere("draft")).not.toThrow();
});
