export const PAPERS = ["A4", "letter"] as const;
export type Paper = (typeof PAPERS)[number];

/** Where paper is US letter and not A4 (Unicode CLDR, supplemental measurement data, paperSize). */
const LETTER = ["BZ", "CA", "CL", "CO", "CR", "GT", "MX", "NI", "PA", "PH", "PR", "SV", "US", "VE"];

/** The paper that lies in printers in a country, by its ISO 3166-1 code. Example: "CA" → letter. */
export const paperOf = (region: string): Paper => (LETTER.includes(region) ? "letter" : "A4");
