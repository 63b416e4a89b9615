import { DndContext, pointerWithin, rectIntersection, type CollisionDetection, KeyboardSensor, PointerSensor, useDraggable, useDroppable, useSensor, useSensors, type KeyboardCoordinateGetter } from '@dnd-kit/core';
import type { ReactNode } from 'react';

/** Arrow keys carry a file from place to place, not pixel by pixel. */
const toNextPlace: KeyboardCoordinateGetter = (event, { context, currentCoordinates }) => {
  if (event.code !== 'ArrowDown' && event.code !== 'ArrowUp') return undefined;
  event.preventDefault();
  const places = context.droppableContainers.getEnabled().map((c) => context.droppableRects.get(c.id)).filter((r) => r !== undefined).sort((a, b) => a.top - b.top);
  const over = context.over ? context.droppableRects.get(context.over.id) : undefined;
  const at = over ? places.findIndex((r) => r.top === over.top) : places.findLastIndex((r) => r.top <= currentCoordinates.y);
  const to = places[event.code === 'ArrowDown' ? at + 1 : at - 1];
  return to ? { x: to.left + 20, y: to.top + 10 } : undefined;
};

/** The place under the pointer; by keyboard, the one that is covered most. */
const underHand: CollisionDetection = (args) => { const hit = pointerWithin(args); return hit.length > 0 ? hit : rectIntersection(args); };

/** Where files are given to the documents that are asked for, by pointer or by keyboard (space lifts, arrows move, space lets go). */
export function PlaceBoard({ names, give, children }: { names: (id: string) => string; give: (fileId: string, slot: number | null) => void; children: ReactNode }) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }), useSensor(KeyboardSensor, { coordinateGetter: toNextPlace }));
  const place = (id: string | number | undefined): string => (id === undefined ? 'no document' : names(String(id)));
  return (
    <DndContext sensors={sensors} collisionDetection={underHand} onDragEnd={({ active, over }) => { if (over) give(String(active.id), over.id === 'loose' ? null : Number(String(over.id).slice(5))); }}
      accessibility={{ screenReaderInstructions: { draggable: 'Press space to lift the file, arrow keys to move it to another document, space to let go, escape to leave it where it was.' }, announcements: {
        onDragStart: ({ active }) => `Lifted ${names(String(active.id))}.`, onDragOver: ({ over }) => `Over ${place(over?.id)}.`, onDragEnd: ({ active, over }) => `${names(String(active.id))} now answers for ${place(over?.id)}.`, onDragCancel: () => 'Left where it was.',
      } }}>
      {children}
    </DndContext>
  );
}

export function DropPlace({ slot, label, children }: { slot: number | null; label: string; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id: slot === null ? 'loose' : `slot-${slot}` });
  return <section ref={setNodeRef} className={`slot${isOver ? ' over' : ''}`} aria-label={label}>{children}</section>;
}

/** A file that can be carried; only the handle starts it, so that the rest stays selectable. */
export function Carried({ id, name, children }: { id: string; name: string; children: (handle: ReactNode) => ReactNode }) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id });
  const handle = <button type="button" className="handle" title="Drag to another document; by keyboard: space, arrows, space" {...attributes} {...listeners} aria-label={`Move ${name} to another document`}><svg width="12" height="18" viewBox="0 0 12 18" aria-hidden="true"><path d="M1 3h10M1 9h10M1 15h10" stroke="currentColor" strokeWidth="1.5" /></svg></button>;
  return <div ref={setNodeRef} className={isDragging ? 'carried' : undefined} style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)`, position: 'relative', zIndex: 5 } : undefined}>{children(handle)}</div>;
}
