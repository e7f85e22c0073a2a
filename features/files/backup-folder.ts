/** The part of the browser's folder access that is used; not every browser has it. */
interface FolderPicker {
  showDirectoryPicker?: (options: { id: string; mode: "readwrite" }) => Promise<FileSystemDirectoryHandle>;
}

interface Permits {
  queryPermission?: (of: { mode: "readwrite" }) => Promise<PermissionState>;
  requestPermission?: (of: { mode: "readwrite" }) => Promise<PermissionState>;
}

/** True where a folder can be chosen once and written to again and again. */
export function folderAllowed(): boolean {
  return "showDirectoryPicker" in window;
}

/** Undefined when the person thinks better of it. */
export async function chooseFolder(): Promise<FileSystemDirectoryHandle | undefined> {
  try {
    return await (window as FolderPicker).showDirectoryPicker?.({
      id: "vest-pocket-backup",
      mode: "readwrite",
    });
  } catch (error) {
    if (error instanceof DOMException && error.name === "AbortError") return undefined;
    throw error;
  }
}

/** Writes a file into the folder, whole or not at all; false when the browser no longer lets it. */
export async function writeInto(
  folder: FileSystemDirectoryHandle,
  name: string,
  content: Blob,
): Promise<boolean> {
  const permits = folder as Permits;
  const state = (await permits.queryPermission?.({ mode: "readwrite" })) ?? "granted";
  if (state !== "granted" && (await permits.requestPermission?.({ mode: "readwrite" })) !== "granted")
    return false;
  const file = await (await folder.getFileHandle(name, { create: true })).createWritable();
  await file.write(content);
  // What was there before is replaced only now.
  await file.close();
  return true;
}
