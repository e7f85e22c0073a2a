/** A question that is not let in: the status of its answer, and why. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    why: string,
  ) {
    super(why);
  }
}

/** @throws Refused unless a page of this app asks. A browser always says which page does. */
export function fromItself(request: Request): void {
  const asks = request.headers.get("origin");
  const host = request.headers.get("x-forwarded-host") ?? request.headers.get("host");
  let from: string | undefined;
  try {
    from = new URL(asks ?? "").host;
  } catch {
    from = undefined;
  }
  if (from === undefined || from !== host) throw new Refused(403, "Only a page of this app may ask.");
}

/** @throws Refused unless it says that it is JSON. */
export function isJson(request: Request): void {
  const [kind = ""] = (request.headers.get("content-type") ?? "").split(";");
  if (kind.trim().toLowerCase() !== "application/json") throw new Refused(415, "Ask in JSON.");
}

/**
 * The text of a question, read only as far as it may go and as long as it may take.
 * @throws Refused for one that is too long, comes too slowly, breaks off or is no text.
 */
export async function readBody(request: Request, mostBytes: number, withinMs: number): Promise<string> {
  const tooLong = new Refused(413, `A question has at most ${mostBytes} bytes.`);
  if (Number(request.headers.get("content-length") ?? 0) > mostBytes) throw tooLong;
  const reader = request.body?.getReader();
  if (!reader) return "";
  const decoder = new TextDecoder("utf-8", { fatal: true });
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, refuse) => {
    timer = setTimeout(() => refuse(new Refused(408, "The question came too slowly.")), withinMs);
  });
  let text = "";
  let bytes = 0;
  try {
    for (;;) {
      const { done, value } = await Promise.race([reader.read(), late]);
      if (done) return text + decoder.decode();
      bytes += value.byteLength;
      if (bytes > mostBytes) throw tooLong;
      text += decoder.decode(value, { stream: true });
    }
  } catch (error) {
    void reader.cancel().catch(() => undefined);
    if (error instanceof Refused) throw error;
    throw new Refused(400, "The question broke off, or is no text.");
  } finally {
    clearTimeout(timer);
  }
}
