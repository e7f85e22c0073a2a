"use client";

import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useEffect, useRef, useState } from "react";
import { orSentence } from "@/core/input-error";
import { fromLink } from "@/data/link";
import { unpackTransfer } from "@/data/transfer";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { filesHref } from "../../shell/addresses";
import { BringIn } from "../BringIn";
import type { Given } from "../use-bring-in";
import { useCamera } from "./use-camera";

const Video = chakra("video", {
  base: { display: "block", width: "100%", maxHeight: "420px", objectFit: "contain", background: "black" },
});

/** What came over, or why nothing did. */
interface Came {
  given?: Given;
  why?: string;
}

/** Reads what another device shows, or what a link carries, and shows what it would do before anything changes. */
export function ReceiveScreen({ hash, onBack }: { hash?: string; onBack?: () => void }) {
  const [state, setState] = useState<Came>(() => (hash ? readLink(hash) : {}));
  const [on, setOn] = useState(false);
  const take = (data: Uint8Array | undefined) => {
    setOn(false);
    setState(givenOf(data));
  };
  return (
    <Box display="grid" gridTemplateColumns="minmax(0, 1fr)" gap="18px" maxWidth="720px" marginInline="auto">
      {state.given ? (
        <BringIn key={state.given.file.name} given={state.given} />
      ) : (
        <Sheet title="Read from another device" padding="5">
          <Box marginBottom="3">
            On the other one open Files → “Show to another device”. Codes may be missed and come in any order;
            what was read is kept if it is broken off.
          </Box>
          {on ? (
            <Looking
              onWhole={take}
              onLink={(words) => {
                setOn(false);
                setState(readLink(words));
              }}
              onStop={() => setOn(false)}
            />
          ) : (
            <Button look="primary" onClick={() => setOn(true)}>
              Open the camera
            </Button>
          )}
          {state.why !== undefined && (
            <Box marginTop="3" color="stop" fontWeight="600" role="status">
              ■ {state.why}
            </Box>
          )}
          <LinkField onLink={(text) => setState(readLink(text))} />
        </Sheet>
      )}
      <Button asChild look="quiet" justifySelf="start">
        <Link href={filesHref()} onClick={onBack}>
          Back to Files
        </Link>
      </Button>
    </Box>
  );
}

interface LookingProps {
  onWhole: (data: Uint8Array) => void;
  /** Told once a code is seen that is a link of ours. */
  onLink: (words: string) => void;
  onStop: () => void;
}

function Looking({ onWhole, onLink, onStop }: LookingProps) {
  const [camera, video] = useCamera(onWhole);
  const share = camera.kind === "looking" && camera.needed > 0 ? camera.known / camera.needed : 0;
  return (
    <Box>
      {camera.kind !== "failed" && <Video ref={video} muted playsInline aria-label="What the camera sees" />}
      <Box marginTop="2" role="status" data-testid="receiving" fontWeight="600">
        {camera.kind === "opening" && "The camera is opened …"}
        {camera.kind === "failed" && (
          <Box as="span" color="stop">
            ■ {camera.why}
          </Box>
        )}
        {camera.kind === "looking" &&
          (camera.needed === 0
            ? "Hold the camera so that the whole code is in the picture."
            : `${camera.known} of ${camera.needed} parts`)}
      </Box>
      {camera.kind === "looking" && camera.needed > 0 && (
        <Box
          height="10px"
          border="1px solid"
          borderColor="edge"
          borderRadius="sheet"
          marginBlock="2"
          overflow="hidden"
        >
          <Box height="100%" width={`${share * 100}%`} background="drawing" />
        </Box>
      )}
      {camera.kind === "looking" && camera.words !== undefined && camera.needed === 0 && (
        <WordsSeen words={camera.words} onLink={onLink} />
      )}
      <Button onClick={onStop}>Close the camera</Button>
    </Box>
  );
}

/** A code of words: a link of ours is taken at once, anything else is said. */
function WordsSeen({ words, onLink }: { words: string; onLink: (words: string) => void }) {
  const isOurs = /#t=[\w-]+$/.test(words);
  const taken = useRef(onLink);
  useEffect(() => {
    if (isOurs) taken.current(words);
  }, [isOurs, words]);
  return isOurs ? null : <Box color="watch">▲ That code is not from this app.</Box>;
}

function LinkField({ onLink }: { onLink: (text: string) => void }) {
  const [text, setText] = useState("");
  return (
    <Box marginTop="4">
      <TextField label="Or paste a link" value={text} onChange={({ target }) => setText(target.value)} />
      <Button marginTop="2" disabled={text.trim() === ""} onClick={() => onLink(text.trim())}>
        Read the link
      </Button>
    </Box>
  );
}

function readLink(text: string): Came {
  const at = text.indexOf("#");
  return orSentence<Came>(
    () => givenOf(fromLink(at < 0 ? "" : text.slice(at))),
    (why) => ({ why }),
  );
}

function givenOf(data: Uint8Array | undefined): Came {
  if (!data) return { why: "That link carries no records. Copy all of it." };
  return orSentence<Came>(
    () => {
      const { transfer, text } = unpackTransfer(data);
      const file = new File([text], `What ${transfer.from.name} sent`, { type: "application/json" });
      return { given: { file, transfer } };
    },
    (why) => ({ why }),
  );
}
