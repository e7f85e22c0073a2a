"use client";

import {
  type Announcements,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  type UniqueIdentifier,
  closestCenter,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { type ReactNode, memo, useMemo } from "react";

interface SortListProps {
  /** Tells it apart from other lists on the page. */
  name: string;
  /** The ids of its rows, in their order. */
  ids: readonly string[];
  /** What a row is called, for who hears where it goes. */
  titleOf: (id: string) => string;
  /** A row was let go over another: the ids of both. */
  onDrop: (id: string, over: string) => void;
  /** A row is in hand, or none any more. */
  onHold?: (id: string | undefined) => void;
  children: ReactNode;
}

/** A list whose rows are moved by a hand, or taken with Space and moved with the arrows. */
export function SortList({ name, ids, titleOf, onDrop, onHold, children }: SortListProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  // The same list stays the same while what it is of is drawn anew: a row in hand is not let go by that.
  const inOrder = ids.join(" ");
  const items = useMemo(() => inOrder.split(" "), [inOrder]);
  return (
    <DndContext
      id={name}
      sensors={sensors}
      accessibility={{ announcements: announced(ids, titleOf) }}
      collisionDetection={closestCenter}
      onDragStart={({ active }) => onHold?.(String(active.id))}
      onDragEnd={({ active, over }) => {
        onHold?.(undefined);
        if (over && over.id !== active.id) onDrop(String(active.id), String(over.id));
      }}
      onDragCancel={() => onHold?.(undefined)}
    >
      <SortableContext items={items} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

/** Where a row is and goes, said by its title and its place. */
function announced(ids: readonly string[], titleOf: (id: string) => string): Announcements {
  const place = (id: UniqueIdentifier) => `place ${ids.indexOf(String(id)) + 1} of ${ids.length}`;
  const title = ({ id }: { id: UniqueIdentifier }) => titleOf(String(id));
  return {
    onDragStart: ({ active }) => `${title(active)} taken, ${place(active.id)}.`,
    onDragOver: ({ active, over }) => (over ? `${title(active)} over ${place(over.id)}.` : undefined),
    onDragEnd: ({ active, over }) => `${title(active)} put down${over ? `, ${place(over.id)}` : ""}.`,
    onDragCancel: ({ active }) => `${title(active)} is where it was.`,
  };
}

/* Plain styles: a row is drawn anew at every step of a drag, and working out theme styles for each would be felt. */
const LINE = {
  display: "flex",
  alignItems: "center",
  gap: 8,
  borderBottom: "1px solid var(--chakra-colors-edge)",
} as const;
const GRIP = {
  minHeight: 44,
  minWidth: 44,
  border: "none",
  background: "transparent",
  color: "inherit",
  fontSize: 20,
  cursor: "grab",
  touchAction: "none",
} as const;
const SOFT = "var(--chakra-colors-soft)";

interface SortRowProps {
  id: string;
  /** What is moved by its handle. */
  title: string;
  /** At the left of the title: its place, or its hour. */
  lead: string;
  /** Behind the title, smaller. */
  after?: string;
  /** On a line of its own above it, as a heading or as a warning. */
  above?: string | undefined;
  warns?: boolean;
}

/** A row of such a list, with its handle. */
export const SortRow = memo(function SortRow({ id, title, lead, after, above, warns }: SortRowProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id });
  return (
    <div
      ref={setNodeRef}
      style={{
        transform: CSS.Translate.toString(transform),
        transition,
        position: "relative",
        zIndex: isDragging ? 2 : undefined,
      }}
    >
      {above && (
        <div
          style={{
            color: warns ? "var(--chakra-colors-watch)" : SOFT,
            fontFamily: warns ? undefined : "var(--chakra-fonts-heading)",
            fontWeight: 600,
            paddingTop: 8,
          }}
        >
          {above}
        </div>
      )}
      <div style={isDragging ? { ...LINE, background: "var(--chakra-colors-raised)" } : LINE}>
        <button type="button" {...attributes} {...listeners} aria-label={`Move ${title}`} style={GRIP}>
          ≡
        </button>
        <span
          style={{ minWidth: 28, textAlign: "right", fontVariantNumeric: "tabular-nums", fontWeight: 600 }}
        >
          {lead}
        </span>
        <span>
          {title}
          {after && <span style={{ color: SOFT, fontSize: 14 }}> {after}</span>}
        </span>
      </div>
    </div>
  );
});
