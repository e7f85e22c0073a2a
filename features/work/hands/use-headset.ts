"use client";

import { useEffect } from "react";
import { mean } from "../../shell/keys";

/** Half a second of nothing, 8 bits at 8 kHz: a browser gives the keys of a headset only to what plays. */
function silence(): Blob {
  const samples = 4000;
  const bytes = new Uint8Array(44 + samples).fill(128);
  const view = new DataView(bytes.buffer);
  const text = (at: number, word: string) =>
    [...word].forEach((one, i) => view.setUint8(at + i, one.charCodeAt(0)));
  text(0, "RIFF");
  view.setUint32(4, 36 + samples, true);
  text(8, "WAVEfmt ");
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, 8000, true);
  view.setUint32(28, 8000, true);
  view.setUint16(32, 1, true);
  view.setUint16(34, 8, true);
  text(36, "data");
  view.setUint32(40, samples, true);
  return new Blob([bytes], { type: "audio/wav" });
}

const KEYS = ["play", "pause", "nexttrack", "previoustrack"] as const;

/**
 * The keys of a headset while they are wanted: play or pause is the one button, next and previous the steps beside.
 * Where the browser has none of it, nothing happens.
 */
export function useHeadset(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || !("mediaSession" in navigator)) return;
    const url = URL.createObjectURL(silence());
    const player = new Audio(url);
    player.loop = true;
    // A page that nobody has touched yet may not play: it begins with the first touch.
    const begin = () => void player.play().catch(() => undefined);
    begin();
    document.addEventListener("pointerdown", begin);
    const press = () => {
      mean("primary");
      begin();
    };
    const does = {
      play: press,
      pause: press,
      nexttrack: () => mean("later"),
      previoustrack: () => mean("earlier"),
    };
    for (const key of KEYS) navigator.mediaSession.setActionHandler(key, does[key]);
    return () => {
      document.removeEventListener("pointerdown", begin);
      for (const key of KEYS) navigator.mediaSession.setActionHandler(key, null);
      player.pause();
      URL.revokeObjectURL(url);
    };
  }, [wanted]);
}
