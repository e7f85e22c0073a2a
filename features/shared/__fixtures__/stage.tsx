import "fake-indexeddb/auto";
import { ChakraProvider } from "@chakra-ui/react";
import { act, fireEvent, render, screen } from "@testing-library/react";
import { IDBFactory } from "fake-indexeddb";
import type { ReactNode } from "react";
import { DataProvider } from "@/data/DataProvider";
import { system } from "@/ui/theme/system";
import { DoProvider } from "../../shell/DoProvider";
import { WrenchProvider } from "../wrench/WrenchProvider";

/**
 * Shows a piece of a screen with everything around it that the app has, on a store of its own with nothing in
 * it.
 */
export function stage(piece: ReactNode) {
  globalThis.indexedDB = new IDBFactory();
  const around = (children: ReactNode) => (
    <DataProvider>
      <ChakraProvider value={system}>
        <DoProvider>
          <WrenchProvider connect={() => Promise.reject(new Error("There is none here."))}>
            {children}
          </WrenchProvider>
        </DoProvider>
      </ChakraProvider>
    </DataProvider>
  );
  const { rerender } = render(around(piece));
  return { show: (other: ReactNode) => rerender(around(other)) };
}

/** Presses a button by the words on it. */
export async function press(name: string | RegExp): Promise<void> {
  await act(async () => void fireEvent.click(screen.getByRole("button", { name })));
}

/** Types into a field by its label. */
export async function type(label: string | RegExp, text: string): Promise<void> {
  await act(async () => void fireEvent.input(screen.getByLabelText(label), { target: { value: text } }));
}
