"use client";

import { Box, chakra } from "@chakra-ui/react";
import { useCallback, useState } from "react";
import { usePicture } from "@/data/hooks";
import { Button } from "@/ui/Button";

interface PhotosProps {
  ids: readonly string[];
  of: string;
  size?: number;
  /** Where a photo can be taken away again. */
  onRemove?: (id: string) => void;
}

/** Photos side by side; one tapped is shown as large as the screen. */
export function Photos({ ids, of, size = 148, onRemove }: PhotosProps) {
  const [shown, setShown] = useState<string>();
  if (ids.length === 0) return null;
  return (
    <Box display="flex" gap="2" flexWrap="wrap">
      {ids.map((id, i) => (
        <Box key={id}>
          <Photo
            id={id}
            says={`Photo ${i + 1} of ${of}`}
            size={size}
            large={shown === id}
            onTap={() => setShown(shown === id ? undefined : id)}
          />
          {onRemove && (
            <Button
              look="quiet"
              display="block"
              paddingInline="0"
              aria-label={`Remove photo ${i + 1} of ${of}`}
              onClick={() => onRemove(id)}
            >
              Remove
            </Button>
          )}
        </Box>
      ))}
    </Box>
  );
}

function Photo({
  id,
  says,
  size,
  large,
  onTap,
}: {
  id: string;
  says: string;
  size: number;
  large: boolean;
  onTap: () => void;
}) {
  const picture = usePicture(id);
  // The address lives as long as the image does.
  const show = useCallback(
    (image: HTMLImageElement | null) => {
      if (!image || !picture) return;
      const url = URL.createObjectURL(picture.jpeg);
      image.src = url;
      return () => URL.revokeObjectURL(url);
    },
    [picture],
  );
  if (picture === null)
    return (
      <Box
        width={`${size}px`}
        padding="2"
        border="1px dashed"
        borderColor="soft"
        color="soft"
        fontSize="14px"
      >
        This photo is not in this browser.
      </Box>
    );
  return (
    <chakra.button
      type="button"
      aria-label={large ? `${says}, large. Close.` : `${says}. Show it large.`}
      onClick={onTap}
      onKeyDown={(event) => event.key === "Escape" && large && onTap()}
      minHeight="56px"
      minWidth="56px"
      padding="0"
      border="1px solid"
      borderColor="edge"
      borderRadius="sheet"
      overflow="hidden"
      cursor="pointer"
      background="raised"
      {...(large ? { position: "fixed", inset: "0", zIndex: "40", background: "pad", border: "none" } : {})}
    >
      {picture && (
        // The photo lies in this browser's own store: there is nothing for the server to make smaller.
        // eslint-disable-next-line @next/next/no-img-element
        <img
          ref={show}
          alt={says}
          style={
            large
              ? { width: "100%", height: "100%", objectFit: "contain" }
              : { width: size, height: size * 0.75, objectFit: "cover" }
          }
        />
      )}
    </chakra.button>
  );
}
