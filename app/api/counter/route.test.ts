import { type CounterAsk, LARGEST_ASK_BYTES, counterAnswerSchema } from "@/core/model/offer";
import { POST } from "./route";

const AT = "http://127.0.0.1:3000/api/counter";
const wanted: CounterAsk["wanted"] = [
  { key: "part p", is: "part", what: "Starter motor", amount: { value: 1, unit: "pieces" }, withIt: [] },
];

/** A question as a page of the app asks it, with something otherwise. */
const asks = (body: RequestInit["body"], headers: Record<string, string> = {}, query = "") =>
  POST(
    new Request(`${AT}${query}`, {
      method: "POST",
      body: body ?? null,
      headers: {
        host: "127.0.0.1:3000",
        origin: "http://127.0.0.1:3000",
        "content-type": "application/json",
        ...headers,
      },
      ...(body instanceof ReadableStream ? { duplex: "half" } : {}),
    } as RequestInit),
  );

/** A body that is told piece by piece, as long as it is read. */
const told = (pieces: () => Uint8Array | Promise<Uint8Array>) => {
  let read = 0;
  const stream = new ReadableStream<Uint8Array>({
    pull: async (to) => {
      const piece = await pieces();
      read += piece.byteLength;
      to.enqueue(piece);
    },
  });
  return { stream, read: () => read };
};

test("a question of the app is answered", async () => {
  const answered = await asks(JSON.stringify({ wanted }), {
    "content-type": "Application/JSON; charset=utf-8",
  });
  expect(answered.status).toBe(200);
  expect(counterAnswerSchema.parse(await answered.json()).offers.length).toBeGreaterThan(300);
});

test("behind a proxy the app's own origin is the proxy's", async () => {
  const headers = { host: "10.0.0.2:3000", "x-forwarded-host": "garage.test", origin: "https://garage.test" };
  expect((await asks(JSON.stringify({ wanted }), headers)).status).toBe(200);
});

test.each<[why: string, status: number, body: string, headers: Record<string, string>]>([
  ["another page asks", 403, "{}", { origin: "https://elsewhere.test" }],
  ["a page of nowhere asks", 403, "{}", { origin: "null" }],
  ["it says it is a form", 415, "{}", { "content-type": "application/x-www-form-urlencoded" }],
  ["it says it is text, as another page may send", 415, "{}", { "content-type": "text/plain" }],
  ["it is no JSON", 400, "{", {}],
  ["it is empty", 400, "", {}],
  ["it wants nothing that it knows", 400, '{"wanted":[{"is":"car"}]}', {}],
  ["it says that it is long", 413, "{}", { "content-length": String(LARGEST_ASK_BYTES + 1) }],
  [
    "it is long and says otherwise",
    413,
    `{"wanted":"${"x".repeat(LARGEST_ASK_BYTES)}"}`,
    { "content-length": "2" },
  ],
  ["its name is no text", 400, JSON.stringify({ wanted: [{ ...wanted[0], what: 7 }] }), {}],
])("it is refused in a sentence where %s", async (_why, status, body, headers) => {
  const answered = await asks(body, headers);
  expect(answered.status).toBe(status);
  expect(((await answered.json()) as { why: string }).why).toMatch(/^[A-Z].+\.$/);
});

test("no more of a long question is read than may be", async () => {
  const endless = told(() => new Uint8Array(64 * 1024).fill(32));
  expect((await asks(endless.stream)).status).toBe(413);
  expect(endless.read()).toBeLessThan(2 * LARGEST_ASK_BYTES);
});

test("a question that is no text is refused", async () => {
  const bad = told(() => new Uint8Array([0xff, 0xfe, 0xfd]));
  expect((await asks(bad.stream)).status).toBe(400);
});

test("one that does not come is not waited for, and no more than twenty stand at the door", async () => {
  const slow = () => told(() => new Promise<Uint8Array>(() => undefined)).stream;
  const waiting = Array.from({ length: 20 }, () => asks(slow()));
  const oneMore = await asks(JSON.stringify({ wanted }));
  expect(oneMore.status).toBe(429);
  expect((await Promise.all(waiting)).map(({ status }) => status)).toEqual(Array(20).fill(408));
  expect((await asks(JSON.stringify({ wanted }))).status).toBe(200);
});

test("only the demo's counter can be had slow, shut or muddled", async () => {
  const today = (day: string) => asks(JSON.stringify({ wanted }), {}, `?today=${day}`);
  expect((await today("shut")).status).toBe(200);
  process.env.NEXT_PUBLIC_OPEN_WITH = "demo";
  try {
    expect((await today("shut")).status).toBe(503);
    expect(counterAnswerSchema.safeParse(await (await today("muddled")).json()).success).toBe(false);
  } finally {
    delete process.env.NEXT_PUBLIC_OPEN_WITH;
  }
});
