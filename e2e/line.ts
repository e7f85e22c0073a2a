import { once } from "node:events";
import { type IncomingMessage, type ServerResponse, createServer, request } from "node:http";

/** How a line treats what is asked for over it. */
export interface Treatment {
  /** Cut off without an answer, as a bad signal does. */
  cuts?: (asked: IncomingMessage) => boolean;
  /** Answered by the line itself: a status and a text that are not the server's. */
  lies?: (asked: IncomingMessage) => { status: number; text: string; kind?: string } | undefined;
  /** The server's own text, changed on its way. */
  changes?: (asked: IncomingMessage, text: string) => string;
  /** How long each answer is held back, ms. */
  slow?: (asked: IncomingMessage) => number;
}

/**
 * A line to a server, or to several that take turns, which cuts, slows and lies as its treatment says; that may be
 * changed while it stands.
 */
export async function lineTo(
  servers: readonly string[],
  treatment: Treatment = {},
): Promise<{ url: string; treatment: Treatment; asked: number[]; stop: () => Promise<void> }> {
  const now = treatment;
  const asked = servers.map(() => 0);
  let turn = 0;
  const forward = (from: IncomingMessage, answer: ServerResponse): void => {
    const server = turn++ % servers.length;
    asked[server] = (asked[server] ?? 0) + 1;
    const to = servers[server] ?? "";
    const changes = now.changes;
    const onward = request(
      `${to}${from.url ?? "/"}`,
      {
        method: from.method,
        headers: {
          ...from.headers,
          "x-forwarded-host": from.headers.host ?? "",
          host: new URL(to).host,
          ...(changes ? { "accept-encoding": "identity" } : {}),
        },
      },
      (got) => {
        if (!changes) {
          answer.writeHead(got.statusCode ?? 502, got.headers);
          got.pipe(answer);
          return;
        }
        const parts: Buffer[] = [];
        got.on("data", (part: Buffer) => parts.push(part));
        got.on("end", () => {
          const { "content-length": _length, ...headers } = got.headers;
          const whole = Buffer.concat(parts);
          answer.writeHead(got.statusCode ?? 502, headers);
          const isText = /javascript|html|json/.test(String(got.headers["content-type"]));
          answer.end(isText ? changes(from, whole.toString()) : whole);
        });
      },
    );
    onward.on("error", () => answer.destroy());
    // Whoever asked has gone: nothing is left hanging on the server.
    answer.on("close", () => onward.destroy());
    from.pipe(onward);
  };
  const line = createServer((from, answer) => {
    if (now.cuts?.(from)) return void from.socket.destroy();
    const lie = now.lies?.(from);
    if (lie) {
      answer.writeHead(lie.status, { "content-type": lie.kind ?? "text/html" });
      answer.end(lie.text);
      return;
    }
    const wait = now.slow?.(from) ?? 0;
    if (wait > 0) setTimeout(() => forward(from, answer), wait);
    else forward(from, answer);
  }).listen(0, "127.0.0.1");
  await once(line, "listening");
  const address = line.address();
  if (address === null || typeof address === "string") throw new Error("No free port was found.");
  return {
    url: `http://127.0.0.1:${address.port}`,
    treatment: now,
    asked,
    stop: async () => {
      line.closeAllConnections();
      line.close();
      await once(line, "close");
    },
  };
}
