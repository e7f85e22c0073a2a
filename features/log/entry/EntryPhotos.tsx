"use client";

import { Box } from "@chakra-ui/react";
import type { Replacement } from "@/core/model/log";
import { useCurrent } from "@/data/hooks";
import { touched } from "@/data/stamp";
import type { Picture } from "@/data/store";
import { Sheet } from "@/ui/Sheet";
import { Photos } from "../../shared/photos/Photos";
import { TakePhoto } from "../../shared/photos/TakePhoto";
import { useDo } from "../../shell/DoProvider";

/** Photos of an entry's own, beside those of its job. */
export function EntryPhotos({ entry }: { entry: Replacement }) {
  const perform = useDo();
  const current = useCurrent("replacements");
  const ids = entry.photoIds ?? [];
  /** Worked out from the entry as it is when its turn has come: making a photo small takes a moment. */
  const change = (
    how: (photoIds: string[]) => string[],
    says: string,
    pictures: Record<string, Picture> = {},
  ) =>
    perform(() => {
      const { photoIds = [], ...now } = current(entry.id) ?? entry;
      const left = how(photoIds);
      return {
        put: { replacements: [touched({ ...now, ...(left.length > 0 ? { photoIds: left } : {}) })] },
        pictures,
      };
    }, says);
  return (
    <Sheet title="Photos" padding={{ base: "4", lg: "6" }}>
      <Box display="grid" gap="3" justifyItems="start">
        {ids.length === 0 && (
          <Box color="soft">The receipt, the number on the box, the old part beside the new.</Box>
        )}
        <Photos
          ids={ids}
          of={entry.part}
          onRemove={(id) => void change((all) => all.filter((one) => one !== id), "Photo removed.")}
        />
        <TakePhoto
          first={ids.length === 0}
          onTake={(id, picture) => change((all) => [...all, id], "Photo kept.", { [id]: picture })}
        />
      </Box>
    </Sheet>
  );
}
