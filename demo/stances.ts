/** On stands at the front. */
export const below = { stance: "front up" as const };
