/** Hands a text, or what a worker has made, to the browser as a file to be kept. */
export function saveAs(name: string, content: string | Blob, type: string): void {
  const url = URL.createObjectURL(typeof content === "string" ? new Blob([content], { type }) : content);
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  // Not at once: a large file is still being handed over.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}
