import type { Stance } from "../model/job";
import type { SafetyTick } from "../model/work";

/** What each safety tick asks for, and why where it is not plain, for the end that is raised. */
export function safetyWords(tick: SafetyTick, stance: Stance): { ask: string; why?: string } {
  switch (tick) {
    case "ground":
      return { ask: "Ground firm and level", why: "On a slope, gravel or soft ground: stop until it is moved." };
    case "chocks":
      if (stance === "rear up") {
        return { ask: "Front wheels chocked, both sides; in gear or park", why: "The parking brake usually acts on the rear wheels. With those up it holds nothing." };
      }
      if (stance === "front up") return { ask: "Rear wheels chocked, both sides; parking brake on" };
      return { ask: "Wheels chocked while each end went up" };
    case "stands":
      return { ask: "Stands carry the load, not the jack", why: "On the maker's points, pins in, feet flat." };
    case "shake":
      return { ask: "Shaken hard, nothing moved" };
  }
}
