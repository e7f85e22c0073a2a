import { mkdtemp, readFile, rm, writeFile } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By } from "selenium-webdriver";
import { readArchive } from "@/data/archive";
import { journeys } from "./journey";
import { tickSafety } from "./work-through";

const at = journeys();
let folder = "";
beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), "vest-pocket-files-"));
});
afterAll(async () => {
  await rm(folder, { recursive: true, force: true });
});

async function temporary(name: string, content: string | Uint8Array): Promise<string> {
  const file = join(folder, name);
  await writeFile(file, content);
  return file;
}
const choose = async (label: string, file: string) => (await at.page.field(label)).sendKeys(file);

/** Everything that is stored, by collection, without the moment of each change. */
const stored = () =>
  at.page.driver.executeAsyncScript<Record<string, { id: string }[]>>(
    "const done = arguments[0]; const open = indexedDB.open('vest-pocket'); open.onsuccess = () => { const db = open.result; const names = [...db.objectStoreNames].filter((n) => !['settings', 'pictures', 'folders'].includes(n)); const all = {}; const t = db.transaction(names); for (const n of names) { const r = t.objectStore(n).getAll(); r.onsuccess = () => (all[n] = r.result); } t.oncomplete = () => { db.close(); done(all); }; };",
  );

test("a second phone: with its photos over, edited on both, put together either way round to the same", async () => {
  await at.openDemo();
  let { page } = at;
  const drawn = await page.driver.executeScript<string>(
    "const c = document.createElement('canvas'); c.width = 900; c.height = 700; const x = c.getContext('2d'); for (let i = 0; i < 9000; i++) { x.fillStyle = `hsl(${(i * 47) % 360} 70% 50%)`; x.fillRect((i * 331) % 900, (i * 577) % 700, 14, 9); } return c.toDataURL('image/png').split(',')[1];",
  );
  await page.open("/work?id=demo-brake-shoes");
  await tickSafety(page);
  await page.pressWith("Photograph springs and levers, left");
  await page.until(
    async () => (await page.driver.findElements(By.css("main input[type=file]"))).length > 0,
    "there is no camera",
  );
  await (
    await page.driver.findElement(By.css("main input[type=file]"))
  ).sendKeys(await temporary("springs.png", Buffer.from(drawn, "base64")));
  await page.find("//main//img", "the photo");
  await page.open("/log?entry=demo-wren-replaced-5");
  await page.see("Photos");
  await page.driver
    .findElement(By.css("main input[type=file]"))
    .sendKeys(await temporary("receipt.png", Buffer.from(await page.driver.takeScreenshot(), "base64")));
  await page.find("//main//img", "the receipt");
  await page.open("/files");
  await page.see("No backup from this browser yet");
  await page.press("Export with photos");
  await page.see(".zip written");
  const first = await temporary("first.zip", await readFile(await at.downloaded(".zip")));
  expect(Object.keys((await readArchive(new Blob([await readFile(first)]))).photos)).toHaveLength(2);

  // The other phone takes it in, and both change the same entry.
  const edit = async (note: string) => {
    await at.page.open("/log?entry=demo-wren-replaced-5");
    await at.page.press("Edit");
    await at.page.type("Note", note);
    await at.page.press("Save");
    await at.page.see("Air filter changed");
  };
  await edit("said here");
  await page.open("/files");
  await page.press("Export all");
  await page.see(".json written");
  const here = await temporary("here.json", await readFile(await at.downloaded(".json")));
  const mine = await stored();
  await at.browser.complaints();
  await at.browser.quit();

  await at.open();
  page = at.page;
  await page.open("/files");
  await choose("File", first);
  await page.see("2 photos");
  await page.press("Bring it in");
  await page.see("first.zip is in. Open the Garage");
  await page.open("/work?id=demo-brake-shoes");
  await tickSafety(page);
  await page.pressWith("Photograph springs and levers, left");
  await page.find("//main//img", "the photo, on the other phone");
  await edit("said there, later");
  await page.find("//main//img", "the receipt, on the other phone and after the edit");
  await page.open("/files");
  await choose("File", here);
  await page.see("1 said differently");
  await page.see("note: said there, later");
  await page.see("note: said here");
  await page.press("Bring it in");
  await page.see("here.json is in. Open the Garage");
  const together = await stored();
  expect(together.replacements?.find(({ id }) => id === "demo-wren-replaced-5")).toMatchObject({
    note: "said there, later",
  });
  expect(together.works?.length).toBe(mine.works?.length);

  // Chosen against the later one, and then the whole of it undone.
  await choose("File", here);
  await page.clickOn(
    "//*[@role='group'][starts-with(@aria-label, 'Log, Air filter')]//button[normalize-space(.)='As in the file']",
    "the file's own",
  );
  await page.press("Bring it in");
  await page.see("here.json is in. Open the Garage");
  expect((await stored()).replacements?.find(({ id }) => id === "demo-wren-replaced-5")).toMatchObject({
    note: "said here",
  });
  await page.press("Undo");
  await page.see("Undone.");
  // What is put back is dated after what it replaces, so that the other device takes it too.
  const undated = (household: object) =>
    JSON.stringify(household, (key, value: unknown) => (key === "updatedAt" ? undefined : value));
  await page.until(
    async () => undated(await stored()) === undated(together),
    "the undo did not bring it back",
  );
});

test("a table from a spreadsheet: matched, refused whole with its rows named, mended, and never twice", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/log?bring=1");
  await choose(
    "Table",
    await temporary("bad.csv", "Date;Item;Mileage;Cost\n3/4/2025;Rear wiper;125 000;9,80\nnever;Bulb;;1\n"),
  );
  await page.see("2 that cannot be read");
  await page.see("Row 3:");
  await choose(
    "Table",
    await temporary(
      "log.csv",
      "Date;Item;Mileage;Cost;Shelf\r\n3/4/2025;Rear wiper;125 000;9,80;A\r\n5/6/2025;=Bulb front left;126 300 km;;B\r\n",
    ),
  );
  await page.see("Which number is the month");
  await page.choose("Days are written", "d/M/yyyy (3/4/2025)");
  await page.choose("Rows that name no vehicle", "Wren estate");
  await page.see("2 new, 0 in the log already");
  await page.see("3 Apr 2025");
  await page.press("Put 2 in the log");
  await page.see("2 replacements are in the log");
  await page.type("Search", "rear wiper");
  await page.see("125 000 km");

  await page.open("/files");
  await page.press("Log as CSV");
  const csv = await readFile(await at.downloaded(".csv"), "utf8");
  expect(csv.startsWith("\ufeffvehicle,part,")).toBe(true);
  expect(csv).toContain("'=Bulb");
  await page.open("/log?bring=1");
  await choose("Table", await temporary("again.csv", csv));
  await page.see("0 new, 47 in the log already");
});

test("a history for a buyer, one job alone, and a backup into a folder chosen once", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/files?history=demo-wren");
  expect(await page.read("history")).not.toContain("43.90");
  await page.click(await page.field("prices"));
  await page.see("43.90");
  await page.press("Save as Markdown");
  const markdown = await readFile(await at.downloaded(".md"), "utf8");
  expect(markdown).toContain("# Wren estate, 2013, 1.6 petrol");
  expect(markdown).toContain("Left out by choice: part numbers, notes, which job.");

  await page.open("/files");
  await page.choose(
    "One job with all that hangs on it, to be brought in elsewhere",
    "Right engine mount, Minnow city car",
  );
  await page.press("Save this job");
  const job = JSON.parse(await readFile(await at.downloaded(".json"), "utf8")) as {
    household: Record<string, unknown[]>;
  };
  expect(
    Object.entries(job.household).flatMap(([name, list]) =>
      list.length > 0 ? [`${name} ${list.length}`] : [],
    ),
  ).toEqual(["vehicles 1", "jobs 1", "works 1", "kits 1", "days 1", "replacements 1", "followUps 2"]);

  // The browser's own chooser cannot be pressed from here; its private folder is one like any other.
  await page.driver.executeScript(
    "window.showDirectoryPicker = () => navigator.storage.getDirectory().then((root) => root.getDirectoryHandle('backups', { create: true }))",
  );
  await page.press("Back up to a folder");
  await page.see(".zip written");
  await page.see("0 changes since");
  const sizes = await page.driver.executeAsyncScript<number[]>(
    "const done = arguments[0]; (async () => { const root = await navigator.storage.getDirectory(); const dir = await root.getDirectoryHandle('backups'); const sizes = []; for await (const one of dir.values()) sizes.push((await one.getFile()).size); done(sizes); })();",
  );
  expect(sizes[0]).toBeGreaterThan(1000);
  await page.open("/files");
  await page.press("Back up to “backups”");
  await page.see(".zip written");
});
