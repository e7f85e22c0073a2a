/**
 * Whether this browser's garage had a vehicle when it was last seen, kept where it can be read before anything is
 * drawn: the page as it is sent does not know.
 */
const KEY = "garage";
const CLASS = "has-garage";

/** Runs in the page before its first paint. Told by a class of the page, which base.css goes by. */
export const RECALL_GARAGE = `try{if(localStorage.getItem("${KEY}"))document.documentElement.classList.add("${CLASS}")}catch(e){}`;

/** Notes whether there is a vehicle. A browser that keeps nothing shows the welcome for a moment, and no more. */
export function rememberGarage(any: boolean): void {
  document.documentElement.classList.toggle(CLASS, any);
  try {
    if (any) localStorage.setItem(KEY, "1");
    else localStorage.removeItem(KEY);
  } catch {
    return;
  }
}
