/** Whether this device passes files on by a way of its own. */
export function canShare(): boolean {
  if (typeof navigator.canShare !== "function") return false;
  return navigator.canShare({ files: [new File(["{}"], "vest-pocket.json", { type: "application/json" })] });
}

/** Hands a file to the device's own way of sharing; undefined where it went or was let be, else what went wrong. */
export async function shareFile(name: string, content: Blob): Promise<string | undefined> {
  try {
    await navigator.share({ files: [new File([content], name, { type: content.type })], title: name });
    return undefined;
  } catch (error) {
    if (error instanceof DOMException && error.name === "AbortError") return undefined;
    return "This device did not take the file. Export it and pass it on by hand.";
  }
}
