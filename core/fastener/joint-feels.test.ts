import { jointFeels } from "./joint-feels";

test("a locking nut turns hard, a gasket gives, anything else neither", () => {
  expect(jointFeels({ name: "Strut nut", locking: "locking nut" })).toEqual({ locking: true, soft: false });
  expect(jointFeels({ name: "Cam cover bolts" })).toEqual({ locking: false, soft: true });
  expect(jointFeels({ name: "Bracket bolts", locking: "split pin" })).toEqual({
    locking: false,
    soft: false,
  });
});
