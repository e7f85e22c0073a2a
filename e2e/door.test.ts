import { request } from "node:http";
import { z } from "zod";
import { EVERYWHERE } from "@/scripts/headers";
import { type Served, serve } from "./server";

let served: Served;
beforeAll(async () => {
  served = await serve();
});
afterAll(async () => {
  await served.stop();
});

const ASK = JSON.stringify({
  wanted: [
    { key: "part p", is: "part", what: "Starter motor", amount: { value: 1, unit: "pieces" }, withIt: [] },
  ],
});

/** So many connections that were shut may lie ready one behind the other. */
const MOST_TRIES = 5;

/**
 * One question. A server may shut a connection that it had kept open just as the next question leaves on it (RFC 9112,
 * 9.5): that one is asked once more, as a browser does. A server that is gone does not answer then either.
 */
async function ask(body: string, headers: Record<string, string> = {}): Promise<Response> {
  for (let tries = 1; ; tries++)
    try {
      return await fetch(`${served.url}/api/counter`, {
        method: "POST",
        body,
        // Not packed: what is asked here is what the door holds, and not how fast it packs.
        headers: {
          origin: served.url,
          "content-type": "application/json",
          "accept-encoding": "identity",
          ...headers,
        },
      });
    } catch (error) {
      if (tries === MOST_TRIES || !wasShut.safeParse(error).success) throw error;
    }
}

/** As the one who asks says it; by its words, as the error is of another realm than the test. */
const wasShut = z.object({ cause: z.object({ code: z.enum(["ECONNRESET", "UND_ERR_SOCKET"]) }) });

/** So many at a time, until all have been. */
async function inTurns(count: number, atOnce: number, one: (i: number) => Promise<unknown>): Promise<void> {
  let next = 0;
  const worker = async (): Promise<void> => {
    while (next < count) await one(next++);
  };
  await Promise.all(Array.from({ length: atOnce }, worker));
}

/** A question that goes on for so many bytes; what is answered, or that the door was shut in its face. */
const flood = (bytes: number): Promise<number | "shut"> =>
  new Promise((resolve) => {
    const { hostname, port } = new URL(served.url);
    const sent = request(
      {
        hostname,
        port,
        path: "/api/counter",
        method: "POST",
        headers: { origin: served.url, "content-type": "application/json", "transfer-encoding": "chunked" },
      },
      (response) => {
        resolve(response.statusCode ?? "shut");
        response.resume();
        sent.destroy();
      },
    );
    sent.on("error", () => resolve("shut"));
    const piece = Buffer.alloc(1 << 20, 32);
    let left = bytes;
    const write = (): void => {
      while (left > 0 && !sent.destroyed) {
        left -= piece.length;
        if (!sent.write(piece)) {
          sent.once("drain", write);
          return;
        }
      }
      if (!sent.destroyed) sent.end();
    };
    write();
  });

test("every answer has the headers, whatever it is, and no script in a page is allowed but its own", async () => {
  const html = await (await fetch(`${served.url}/garage`)).text();
  const chunk = /\/_next\/static\/[^"]+\.js/.exec(html)?.[0] ?? "";
  for (const path of [
    "/",
    "/garage",
    "/garage/",
    "/plan?id=x",
    "/work",
    "/nowhere",
    "/icon.svg",
    "/icon-192.png",
    "/manifest.webmanifest",
    "/serwist/sw.js",
    "/api/counter",
    chunk,
  ]) {
    const { headers } = await fetch(`${served.url}${path}`, { redirect: "manual" });
    for (const { key } of EVERYWHERE) expect([path, key, headers.get(key)]).not.toContain(null);
    const policy = headers.get("content-security-policy") ?? "";
    expect(policy).toMatch(/script-src 'self' 'wasm-unsafe-eval'( 'sha256-[\w+/]{43}=')+;/);
    expect(policy).not.toMatch(/script-src[^;]*(?:'unsafe-inline'|'unsafe-eval'|\*|https?:)/);
    expect(policy).toContain("object-src 'none'");
    // Codes are read and words heard by the app, and by nobody in it.
    for (const own of ["camera", "microphone", "gyroscope"])
      expect(headers.get("permissions-policy")).toContain(`${own}=(self)`);
    expect(headers.get("x-powered-by")).toBeNull();
    expect(headers.get("strict-transport-security")).toBeNull();
  }
  const behindTls = await fetch(`${served.url}/garage`, { headers: { "x-forwarded-proto": "https" } });
  expect(behindTls.headers.get("strict-transport-security")).toBe("max-age=31536000");
});

test("there is no map of the worker's source and no way to have a picture worked on", async () => {
  for (const path of ["/serwist/sw.js.map", "/_next/image?url=%2Ficon-192.png&w=64&q=75"])
    expect([path, (await fetch(`${served.url}${path}`)).status]).toEqual([path, 404]);
  expect(await (await fetch(`${served.url}/serwist/sw.js`)).text()).not.toContain("sourceMappingURL");
});

test("sixty-four odd questions, two hundred at once, a hundred megabytes, and ten thousand asked: its memory stays", async () => {
  await inTurns(1000, 12, () => ask(ASK).then((answer) => answer.text()));
  const before = await served.memoryMb();
  const odd = [
    "",
    "{",
    "[]",
    "null",
    '{"wanted":7}',
    `{"wanted":[${"[".repeat(9000)}]}`,
    '{"__proto__":{}}',
    "💥",
  ];
  const kinds = [
    "application/json",
    "text/plain",
    "multipart/form-data; boundary=x",
    "application/json, text/html",
  ];
  const origins = [served.url, "null"];
  for (const body of odd)
    for (const kind of kinds)
      for (const origin of origins) {
        const { status } = await ask(body, { "content-type": kind, origin });
        expect([body.slice(0, 20), kind, origin, status >= 400 && status < 500]).toContain(true);
      }
  for (const method of ["GET", "PUT", "DELETE", "PATCH"])
    expect((await fetch(`${served.url}/api/counter`, { method })).status).toBe(405);

  const statuses = await Promise.all(
    Array.from({ length: 200 }, () => ask(ASK).then(({ status }) => status)),
  );
  expect(statuses.every((status) => status === 200 || status === 429)).toBe(true);
  expect(statuses).toContain(200);
  for (let i = 0; i < 3; i++) expect([413, "shut"]).toContain(await flood(100 << 20));
  expect((await ask(ASK)).status).toBe(200);

  await inTurns(10_000, 12, () => ask(ASK).then((answer) => answer.arrayBuffer()));
  // What a heap grows to before it is swept is no leak: it is held against a third on top and some room.
  expect(await served.memoryMb()).toBeLessThan(before * 1.35 + 40);
});
