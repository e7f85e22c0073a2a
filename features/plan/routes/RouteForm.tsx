"use client";

import { type Route, UNDOABLE } from "@/core/model/job";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";

/**
 * What only a person knows of a route: its name, what it harms, what speaks for it, whether it can be undone. Kept as the field
 * is left.
 */
export function RouteForm({
  route,
  onChange,
  onRemove,
}: {
  route: Route;
  onChange: (route: Route) => void;
  onRemove: (() => void) | undefined;
}) {
  const put = (key: RouteText, text: string) => {
    const said = text.trim().slice(0, 200);
    if (key === "name" && said === "") return;
    onChange(withText(route, key, said));
  };
  const putUndoable = (value: string) => {
    const { undoable: _undoable, ...rest } = route;
    const undoable = UNDOABLE.find((one) => one === value);
    onChange(undoable ? { ...rest, undoable } : rest);
  };
  return (
    <Sheet
      padding="4"
      display="grid"
      gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "1fr 2fr 2fr 1fr auto" }}
      gap="3"
      alignItems="end"
    >
      <TextField
        label="Route"
        defaultValue={route.name}
        maxLength={200}
        onBlur={(event) => event.target.value !== route.name && put("name", event.target.value)}
      />
      <TextField
        label="What it harms"
        defaultValue={route.harm ?? ""}
        placeholder="cuts a notch in the bracket"
        maxLength={200}
        onBlur={(event) => event.target.value !== (route.harm ?? "") && put("harm", event.target.value)}
      />
      <TextField
        label="What speaks for it"
        defaultValue={route.evidence ?? ""}
        placeholder="held twice before"
        maxLength={200}
        onBlur={(event) =>
          event.target.value !== (route.evidence ?? "") && put("evidence", event.target.value)
        }
      />
      <SelectField
        label="Can be undone"
        value={route.undoable ?? ""}
        choices={[{ value: "", label: "not said" }, ...UNDOABLE]}
        onChange={(event) => putUndoable(event.target.value)}
      />
      {onRemove && (
        <Button look="quiet" color="stop" onClick={onRemove}>
          Remove
        </Button>
      )}
    </Sheet>
  );
}

type RouteText = "name" | "harm" | "evidence";

function withText(route: Route, key: RouteText, said: string): Route {
  if (key === "name") return { ...route, name: said };
  const { [key]: _before, ...rest } = route;
  return said === "" ? rest : { ...route, [key]: said };
}
