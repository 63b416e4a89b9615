import { DndContext, pointerWithin, rectIntersection, type ClientRect, type CollisionDetection, type DroppableContainer, KeyboardSensor, PointerSensor, useDraggable, useDroppable, useSensor, useSensors, type KeyboardCoordinateGetter, type UniqueIdentifier } from '@dnd-kit/core';
import { useState, type ReactNode } from 'react';

const onScreen = (place: DroppableContainer): ClientRect | null => place.node.current?.getBoundingClientRect() ?? null;

/**
 * Which place a file is over, taken from where the places are at that moment: cards grow while a check runs, and a box measured at lifting would be another one by then.
 * By keyboard a file goes from place to place, not pixel by pixel; the place it was carried to counts, wherever that lies now.
 */
function makeHand() {
  let carriedTo: UniqueIdentifier | null = null;
  const toNextPlace: KeyboardCoordinateGetter = (event, { context, currentCoordinates }) => {
    if (event.code !== 'ArrowDown' && event.code !== 'ArrowUp') return undefined;
    event.preventDefault();
    const places = context.droppableContainers.getEnabled().flatMap((c) => { const box = onScreen(c); return box ? [{ id: c.id, box }] : []; }).sort((a, b) => a.box.top - b.box.top);
    const under = places.findIndex((p) => p.id === (carriedTo ?? context.over?.id)), at = under >= 0 ? under : places.findLastIndex((p) => p.box.top <= currentCoordinates.y);
    const to = places[event.code === 'ArrowDown' ? at + 1 : at - 1];
    if (!to) return undefined;
    carriedTo = to.id;
    return { x: to.box.left + 20, y: to.box.top + 10 };
  };
  const under: CollisionDetection = (args) => {
    if (carriedTo !== null) return [{ id: carriedTo }];
    const droppableRects = new Map(args.droppableContainers.flatMap((c) => { const box = onScreen(c); return box ? [[c.id, box] as const] : []; }));
    const hit = pointerWithin({ ...args, droppableRects });
    return hit.length > 0 ? hit : rectIntersection(args);
  };
  return { toNextPlace, under, lift: () => { carriedTo = null; }, place: (over: UniqueIdentifier | undefined) => carriedTo ?? over };
}

/** Where files are given to the documents that are asked for, by pointer or by keyboard (space lifts, arrows move, space lets go). */
export function PlaceBoard({ names, give, children }: { names: (id: string) => string; give: (fileId: string, slot: number | null) => void; children: ReactNode }) {
  const [hand] = useState(makeHand);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }), useSensor(KeyboardSensor, { coordinateGetter: hand.toNextPlace }));
  const place = (id: string | number | undefined): string => (id === undefined ? 'no document' : names(String(id)));
  return (
    <DndContext sensors={sensors} collisionDetection={hand.under} onDragStart={hand.lift} onDragCancel={hand.lift} onDragEnd={({ active, over }) => {
      const place = hand.place(over?.id);
      hand.lift();
      if (place !== undefined) give(String(active.id), place === 'loose' ? null : Number(String(place).slice(5)));
    }}
      accessibility={{ screenReaderInstructions: { draggable: 'Press space to lift the file, arrow keys to move it to another document, space to let go, escape to leave it where it was.' }, announcements: {
        onDragStart: ({ active }) => `Lifted ${names(String(active.id))}.`, onDragOver: ({ active, over }) => `${names(String(active.id))} is over ${place(over?.id)}.`, onDragEnd: ({ active, over }) => `${names(String(active.id))} now answers for ${place(over?.id)}.`, onDragCancel: () => 'Left where it was.',
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
