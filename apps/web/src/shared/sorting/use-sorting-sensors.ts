/** How what is sorted is picked up: by mouse, by holding a finger still, and by keys. */
import { KeyboardSensor, MouseSensor, TouchSensor, useSensor, useSensors } from '@dnd-kit/core';
import { sortableKeyboardCoordinates } from '@dnd-kit/sortable';

/** Sensors for a sortable list; M picks up and puts down, arrows move, Escape lets go. */
export function useSortingSensors() {
  return useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 8 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: sortableKeyboardCoordinates,
      keyboardCodes: { start: ['KeyM'], cancel: ['Escape'], end: ['KeyM', 'Enter'] },
    }),
  );
}
