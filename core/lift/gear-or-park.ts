/**
 * What gear or park does while one end is raised, as the end of a sentence about chocks: it holds only the
 * driven wheels, and those in the air hold nothing. @param driven the driven axle, undefined where it is not
 * known. Example: gearSays("rear", "rear") → ". Gear or park holds nothing: …".
 */
export function gearSays(raised: "front" | "rear", driven: "front" | "rear" | "all" | undefined): string {
  const stays = raised === "rear" ? "front" : "rear";
  if (driven === raised)
    return `. Gear or park holds nothing meanwhile: the ${raised} wheels are the driven ones.`;
  if (driven === undefined)
    return `, and in gear or park if the ${stays} wheels are driven: with the ${raised} ones driven that holds nothing.`;
  return driven === "all"
    ? ", in gear or park, transfer case engaged: on the driven wheels that are in the air alone it holds nothing."
    : ", and in gear or park.";
}
