"use client";

import { Box, chakra } from "@chakra-ui/react";
import { type Ref, useId, useState } from "react";
import { InputError } from "@/core/input-error";
import { useSetting } from "@/data/hooks";
import { newId } from "@/data/stamp";
import type { Picture } from "@/data/store";
import { CheckField } from "@/ui/form/Field";
import { shrinkPhoto } from "./shrink-photo";

/** Out of sight, yet there for the button that opens it. */
const HIDDEN = {
  position: "absolute",
  opacity: 0,
  pointerEvents: "none",
  height: "1px",
  overflow: "hidden",
} as const;

interface TakePhotoProps {
  /** Keeps the photo, together with the record that names it. */
  onTake: (photoId: string, picture: Picture) => Promise<unknown>;
  /** The camera's own field, for a button elsewhere that opens it. */
  ref?: Ref<HTMLInputElement>;
  /** No photo yet: then it is asked how they are kept. */
  first?: boolean;
}

/** Takes a photo with the camera, or an existing one; kept small, with the original where that is wanted. */
export function TakePhoto({ onTake, ref, first = true }: TakePhotoProps) {
  const id = useId();
  const [state, setState] = useState<{ busy: boolean; error?: string }>({ busy: false });
  const [keeps, saveKeeps] = useSetting("keep original photos");
  const take = async (input: HTMLInputElement) => {
    const file = input.files?.[0];
    input.value = "";
    if (!file) return;
    setState({ busy: true });
    try {
      const picture = await shrinkPhoto(file, keeps === "yes");
      await onTake(newId(), picture);
      setState({ busy: false });
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      setState({ busy: false, error: error.message });
    }
  };
  return (
    <Box>
      <chakra.label
        position="relative"
        {...(first && ref ? HIDDEN : {})}
        htmlFor={id}
        display="inline-flex"
        alignItems="center"
        justifyContent="center"
        minHeight="58px"
        paddingInline="6"
        border="2px solid"
        borderColor="ink"
        borderRadius="button"
        background="raised"
        fontFamily="heading"
        fontWeight="600"
        fontSize="20px"
        cursor="pointer"
        _focusWithin={{ outline: "3px solid", outlineColor: "drawing", outlineOffset: "2px" }}
      >
        {buttonWords(state, first)}
        <chakra.input
          ref={ref}
          id={id}
          type="file"
          accept="image/*"
          capture="environment"
          aria-label="Take a photo"
          position="absolute"
          inset="0"
          width="100%"
          opacity="0"
          cursor="pointer"
          onChange={(event) => void take(event.currentTarget)}
        />
      </chakra.label>
      <Box role="alert" color="stop" fontSize="16px">
        {state.error && `▲ ${state.error}`}
      </Box>
      {first && (
        <CheckField
          size="work"
          label="Keep the original too"
          checked={keeps === "yes"}
          onChange={(event) => void saveKeeps(event.currentTarget.checked ? "yes" : "no")}
        />
      )}
    </Box>
  );
}

function buttonWords(state: { busy: boolean; error?: string }, first: boolean) {
  if (state.busy) return "Keeping it…";
  if (first) return "Photo";
  return "Another photo";
}
