import { ChakraProvider } from "@chakra-ui/react";
import { render, screen } from "@testing-library/react";
import { system } from "../theme/system";
import { Fold } from "./Fold";

const fold = (mustShow: boolean) => (
  <ChakraProvider value={system}>
    <Fold title="More" mustShow={mustShow}>
      fields
    </Fold>
  </ChakraProvider>
);
const isOpen = () => screen.getByText("More").closest("details")?.hasAttribute("open");

test("what is wrong in it opens it, and it does not fold while that is put right", () => {
  const { rerender } = render(fold(false));
  expect(isOpen()).toBe(false);
  rerender(fold(true));
  expect(isOpen()).toBe(true);
  rerender(fold(false));
  expect(isOpen()).toBe(true);
});
