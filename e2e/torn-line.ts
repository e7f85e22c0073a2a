import { once } from "node:events";
import { type IncomingMessage, createServer, request } from "node:http";

/**
 * A line to a server that cuts off what is asked for, as a bad signal does: `cuts` says of each request
 * whether it is.
 */
export async function tornLine(
  to: string,
  cuts: (asked: IncomingMessage) => boolean,
): Promise<{ url: string; stop: () => Promise<void> }> {
  const line = createServer((asked, answer) => {
    if (cuts(asked)) return void asked.socket.destroy();
    const onward = request(
      `${to}${asked.url ?? "/"}`,
      { method: asked.method, headers: { ...asked.headers, host: new URL(to).host } },
      (got) => {
        answer.writeHead(got.statusCode ?? 502, got.headers);
        got.pipe(answer);
      },
    );
    onward.on("error", () => answer.destroy());
    asked.pipe(onward);
  }).listen(0, "127.0.0.1");
  await once(line, "listening");
  const address = line.address();
  if (address === null || typeof address === "string") throw new Error("No free port was found.");
  return {
    url: `http://127.0.0.1:${address.port}`,
    stop: async () => {
      line.closeAllConnections();
      line.close();
      await once(line, "close");
    },
  };
}
