"use client";

import { Box } from "@chakra-ui/react";
import { Button } from "@/ui/Button";

interface RemovableLineProps {
  name: string;
  says: string;
  /** What is taken off, where the name does not say. */
  removes?: string;
  onEdit?: () => void;
  onRemove: () => void;
}

/** A thing of a list, in one line, that can be taken off it; and edited, where there is more to it. */
export function RemovableLine({ name, says, removes = name, onEdit, onRemove }: RemovableLineProps) {
  return (
    <Box
      display="flex"
      alignItems="center"
      gap="2"
      fontSize="15px"
      borderBottom="1px solid"
      borderColor="edge"
    >
      <Box flex="1">
        {name}{" "}
        <Box as="span" color="soft">
          {says}
        </Box>
      </Box>
      {onEdit && (
        <Button look="quiet" paddingInline="1" aria-label={`Edit ${name}`} onClick={onEdit}>
          Edit
        </Button>
      )}
      <Button look="quiet" paddingInline="1" aria-label={`Remove ${removes}`} onClick={onRemove}>
        ×
      </Button>
    </Box>
  );
}
