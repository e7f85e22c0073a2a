"use client";

import { Component, type ReactNode } from "react";
import { ScreenFailed } from "./ScreenFailed";

/**
 * Around header and screens together: what keeps the header from being drawn, as a store that does not open,
 * keeps every screen.
 */
export class ShellBoundary extends Component<{ children: ReactNode }, { error: Error | undefined }> {
  override state: { error: Error | undefined } = { error: undefined };

  static getDerivedStateFromError(error: unknown): { error: Error } {
    return { error: error instanceof Error ? error : new Error(String(error)) };
  }

  override render(): ReactNode {
    const { error } = this.state;
    return error ? (
      <main>
        <ScreenFailed error={error} reset={() => this.setState({ error: undefined })} />
      </main>
    ) : (
      this.props.children
    );
  }
}
