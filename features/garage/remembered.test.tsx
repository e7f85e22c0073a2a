import { RECALL_GARAGE, rememberGarage } from "./remembered";

const isKnown = () => document.documentElement.classList.contains("has-garage");
/** The page is loaded anew: its script runs before anything is drawn. */
const loadAgain = () => {
  document.documentElement.className = "dark";
  const script = document.createElement("script");
  script.textContent = RECALL_GARAGE;
  document.head.append(script);
};

test("a garage with a vehicle is known again before anything is drawn, and an emptied one is not", () => {
  loadAgain();
  expect(isKnown()).toBe(false);
  rememberGarage(true);
  expect(isKnown()).toBe(true);
  loadAgain();
  expect([isKnown(), document.documentElement.classList.contains("dark")]).toEqual([true, true]);
  rememberGarage(false);
  expect(isKnown()).toBe(false);
  loadAgain();
  expect(isKnown()).toBe(false);
});
