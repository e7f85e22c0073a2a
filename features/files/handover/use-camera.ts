"use client";

import { type Remote, wrap } from "comlink";
import { type RefObject, useEffect, useRef, useState } from "react";
import type { CameraWorker, Seen } from "@/workers/camera.worker";

/** A code is 85 modules a side: from this width on each has some pixels of its own; more only costs time. */
const WIDEST = 1280;
/** Between two looks, ms: a code is shown for a tenth of a second. */
const EVERY_MS = 30;

export type Camera =
  | { kind: "opening" }
  | { kind: "looking"; known: number; needed: number; words?: string | undefined }
  | { kind: "failed"; why: string };

/** Why there is no camera, and what can be done about it. */
function whyNot(error: unknown): string {
  const name = error instanceof DOMException ? error.name : "";
  if (name === "NotAllowedError")
    return "The browser was not allowed the camera. Allow it for this page, then open it again.";
  if (name === "NotFoundError" || name === "OverconstrainedError")
    return "This device has no camera. Bring the records over as a file.";
  if (name === "NotReadableError") return "Another app has the camera. Close that, then open it again.";
  return "The camera could not be opened. Bring the records over as a file.";
}

/**
 * Looks through the camera for codes until one transfer is whole. Left before, what was read so far is kept.
 * @param onWhole told once, with all that came over. @returns what it sees, and where the picture is to be shown.
 */
export function useCamera(
  onWhole: (data: Uint8Array) => void,
): [camera: Camera, video: RefObject<HTMLVideoElement | null>] {
  const video = useRef<HTMLVideoElement>(null);
  const [camera, setCamera] = useState<Camera>({ kind: "opening" });
  const whole = useRef(onWhole);
  useEffect(() => {
    whole.current = onWhole;
  });
  useEffect(() => {
    let running = true;
    let stream: MediaStream | undefined;
    const worker = new Worker(new URL("../../../workers/camera.worker.ts", import.meta.url), {
      type: "module",
    });
    const reader = wrap<CameraWorker>(worker);
    const run = async () => {
      if (!("mediaDevices" in navigator))
        throw new DOMException("The page is not served over TLS.", "NotFoundError");
      stream = await navigator.mediaDevices.getUserMedia({
        audio: false,
        video: { facingMode: "environment", width: { ideal: WIDEST }, height: { ideal: 720 } },
      });
      const seeing = video.current;
      if (!running || !seeing) return;
      seeing.srcObject = stream;
      await seeing.play();
      setCamera({ kind: "looking", known: 0, needed: 0 });
      await lookOn(
        seeing,
        reader,
        () => running,
        (seen) => {
          if (seen.kind === "whole") whole.current(seen.data);
          if (seen.kind === "part") setCamera({ kind: "looking", known: seen.known, needed: seen.needed });
          if (seen.kind === "words")
            setCamera((now) => (now.kind === "looking" ? { ...now, words: seen.text } : now));
        },
      );
    };
    run().catch((error: unknown) => {
      if (!running) return;
      const said = error instanceof Error && !(error instanceof DOMException) ? error.message : whyNot(error);
      setCamera({ kind: "failed", why: said });
    });
    return () => {
      running = false;
      stream?.getTracks().forEach((track) => track.stop());
      // What was read so far is kept before the worker goes.
      void reader
        .rest()
        .catch(() => undefined)
        .finally(() => worker.terminate());
    };
  }, []);
  return [camera, video];
}

/** One look after another, until all is there or nobody wants it any more. */
async function lookOn(
  video: HTMLVideoElement,
  reader: Remote<CameraWorker>,
  wanted: () => boolean,
  onSeen: (seen: Seen) => void,
): Promise<void> {
  const canvas = document.createElement("canvas");
  const pen = canvas.getContext("2d", { willReadFrequently: true });
  while (wanted()) {
    await new Promise((wake) => setTimeout(wake, EVERY_MS));
    if (!pen || video.videoWidth === 0) continue;
    const scale = Math.min(1, WIDEST / video.videoWidth);
    canvas.width = Math.round(video.videoWidth * scale);
    canvas.height = Math.round(video.videoHeight * scale);
    pen.drawImage(video, 0, 0, canvas.width, canvas.height);
    const seen = await reader.look(pen.getImageData(0, 0, canvas.width, canvas.height));
    if (!wanted()) return;
    onSeen(seen);
    if (seen.kind === "whole") return;
  }
}
