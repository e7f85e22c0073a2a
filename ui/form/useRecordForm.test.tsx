import { ChakraProvider } from "@chakra-ui/react";
import { act, cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { z } from "zod";
import { ifTyped, line } from "@/core/form";
import { wholeWithin } from "@/core/quantity/number-within";
import { system } from "../theme/system";
import { TextField } from "./Field";
import { FormBox, FormButtons } from "./FormBox";
import { useRecordForm } from "./useRecordForm";

const schema = z.object({ name: line("Give it a name."), count: ifTyped(wholeWithin("How many", 1, 9)) });

interface TrialProps {
  save: (value: z.output<typeof schema>) => Promise<boolean>;
  onClose: () => void;
}

function Trial({ save, onClose }: TrialProps) {
  const form = useRecordForm({
    draft: "trial",
    start: { name: "", count: "" },
    schemaOf: () => schema,
    onClose,
  });
  return (
    <FormBox onSubmit={form.send(save)}>
      <TextField label="Name" {...form.field("name")} />
      <TextField label="Count" {...form.field("count")} />
      <FormButtons
        submit="Save"
        onCancel={form.close}
        onRemove={() => form.closeAfter(save({ name: "gone", count: undefined }))}
      />
    </FormBox>
  );
}

const show = (props: TrialProps) =>
  render(
    <ChakraProvider value={system}>
      <Trial {...props} />
    </ChakraProvider>,
  );
const type = (label: string, text: string) =>
  act(async () => void fireEvent.input(screen.getByLabelText(label), { target: { value: text } }));
const press = (name: string) => act(async () => void fireEvent.click(screen.getByRole("button", { name })));
const inField = (label: string) => screen.getByLabelText<HTMLInputElement>(label).value;

beforeEach(() => localStorage.clear());

test("every field that is wrong says so at once, and nothing is saved", async () => {
  const save = jest.fn(async () => true);
  show({ save, onClose: jest.fn() });
  await type("Count", "12");
  await press("Save");
  await waitFor(() => expect(screen.getByText(/Give it a name\./)).toBeTruthy());
  expect(screen.getByText(/How many: a whole number from 1 to 9\./)).toBeTruthy();
  expect(screen.getByLabelText("Name").getAttribute("aria-invalid")).toBe("true");
  expect(document.activeElement).toBe(screen.getByLabelText("Name"));
  expect(save).not.toHaveBeenCalled();
});

test("what was typed is there again after the page was closed, until it is saved", async () => {
  const save = jest.fn(async () => true);
  const onClose = jest.fn();
  show({ save, onClose });
  await type("Name", "Drum");
  await type("Count", "2");
  cleanup();
  show({ save, onClose });
  expect([inField("Name"), inField("Count")]).toEqual(["Drum", "2"]);
  await press("Save");
  await waitFor(() => expect(onClose).toHaveBeenCalledTimes(1));
  expect(save).toHaveBeenCalledWith({ name: "Drum", count: 2 });
  cleanup();
  show({ save, onClose });
  expect(inField("Name")).toBe("");
});

test("what could not be stored stays as it was typed; Cancel throws it away", async () => {
  const onClose = jest.fn();
  show({ save: async () => false, onClose });
  await type("Name", "Drum");
  await press("Save");
  expect(onClose).not.toHaveBeenCalled();
  expect(inField("Name")).toBe("Drum");
  await press("Remove");
  expect(onClose).not.toHaveBeenCalled();
  await press("Cancel");
  expect(onClose).toHaveBeenCalledTimes(1);
  expect(localStorage.getItem("draft trial")).toBeNull();
});

test("a draft of another shape, or none that can be read, is as if there were none", async () => {
  localStorage.setItem("draft trial", JSON.stringify({ name: 5, count: "3", gone: "x" }));
  show({ save: async () => true, onClose: jest.fn() });
  expect([inField("Name"), inField("Count")]).toEqual(["", "3"]);
  cleanup();
  localStorage.setItem("draft trial", "{");
  show({ save: async () => true, onClose: jest.fn() });
  expect(inField("Count")).toBe("");
});
