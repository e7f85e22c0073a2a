import { writeFileSync } from "node:fs";
import { promisify } from "node:util";
import { init } from "license-checker-rseidelsohn";

/** One package that ships with the app. */
interface Licence {
  name: string;
  version: string;
  licence: string;
  text: string;
}

const FILE = "public/licences.json";

/** Writes down what ships with the app and under which licence, for the page that shows it. */
async function main(): Promise<void> {
  const found = await promisify(init)({
    start: ".",
    production: true,
    excludePrivatePackages: true,
    customFormat: { name: "", version: "", licenses: "", licenseText: "" },
  });
  const all = Object.values(found).map((one): Licence => ({
    name: String(one.name),
    version: String(one.version),
    licence: [one.licenses ?? "not said"].flat().join(", "),
    text: String(one.licenseText ?? "").trim(),
  }));
  const sorted = all.sort((a, b) => a.name.localeCompare(b.name) || a.version.localeCompare(b.version));
  writeFileSync(FILE, JSON.stringify(sorted));
  console.log(`${sorted.length} packages ship with the app; ${FILE} names them and their licences.`);
}

void main();
