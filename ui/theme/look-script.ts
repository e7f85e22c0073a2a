/** Where the chosen look is kept in this browser. */
export const LOOK_KEY = "look";

/** Runs before the first paint, so that a night driveway never sees a white page. Does what look.ts does later. */
export const LOOK_SCRIPT = `try{var l=localStorage.getItem("${LOOK_KEY}");var c=document.documentElement.classList;c.toggle("dark",l==="night"||(l!=="light"&&l!=="glare"&&matchMedia("(prefers-color-scheme: dark)").matches));c.toggle("glare",l==="glare")}catch(e){}`;
