"use client";

import { Box } from "@chakra-ui/react";
import { Component, type ReactNode } from "react";
import { Button } from "./Button";
import { MISSING_PART, isMissingPart } from "./missing-part";

interface SheetBoundaryProps {
  /** What the sheet is about: whose value is odd. */
  about: ReactNode;
  children: ReactNode;
}

/**
 * What one sheet cannot draw costs that sheet and no more: it says so in place, with what was wrong and a way
 * on,
 * and the rest of the page goes on.
 */
export class SheetBoundary extends Component<SheetBoundaryProps, { error: Error | undefined }> {
  override state: { error: Error | undefined } = { error: undefined };

  static getDerivedStateFromError(error: unknown): { error: Error } {
    return { error: error instanceof Error ? error : new Error(String(error)) };
  }

  override render(): ReactNode {
    const { error } = this.state;
    if (!error) return this.props.children;
    if (isMissingPart(error))
      return (
        <Box role="alert" data-testid="sheet-failed">
          <Box color="watch" fontWeight="600" marginBottom="2">
            ▲ {MISSING_PART}
          </Box>
          <Button onClick={() => location.reload()}>Reload</Button>
        </Box>
      );
    return (
      <Box role="alert" data-testid="sheet-failed">
        <Box color="stop" fontWeight="600">
          ■ {this.props.about ? <>“{this.props.about}”</> : "This part"} cannot be shown: an odd value in it
          keeps it from being worked out.
        </Box>
        <Box color="soft" fontSize="15px" marginBlock="2">
          {error.message} The record is safe. Open it where it is kept and put the value right, or export all
          and look into the file.
        </Box>
        <Button onClick={() => this.setState({ error: undefined })}>Try again</Button>{" "}
        <a href="/files">Export all</a>
      </Box>
    );
  }
}
