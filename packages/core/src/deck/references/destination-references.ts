/** What a destination and its gate refer to. */
import { type Destination, withGate } from '../links/destination.js';
import type { Gate } from '../links/gate.js';
import type { Reference, ReferenceMap } from './reference.js';

/** The slides and items a link needs to lead on: its place, the question it goes by, and what its gate asks for. */
export function refsOfDestination(destination: Destination): readonly Reference[] {
  const { gate } = destination;
  return [...refsOfPlace(destination), ...(gate ? refsOfGate(gate) : [])];
}

function refsOfPlace(place: Destination): readonly Reference[] {
  switch (place.to) {
    case 'slide':
      return [{ to: 'slide', id: place.slideId, by: 'link' }];
    case 'viewpoint':
      return [{ to: 'item', id: place.itemId, by: 'link' }];
    case 'by-answer':
      return [
        { to: 'item', id: place.questionId, by: 'answer' },
        ...[...Object.values(place.choices), place.right, place.wrong].flatMap((id): Reference[] =>
          id === null ? [] : [{ to: 'slide', id, by: 'answer' }],
        ),
      ];
    default:
      return [];
  }
}

function refsOfGate(gate: Gate): readonly Reference[] {
  switch (gate.opens) {
    case 'seen':
      return [{ to: 'slide', id: gate.slideId, by: 'gate' }];
    case 'seen-count':
      return [];
    default:
      return [{ to: 'item', id: gate.itemId, by: 'gate' }];
  }
}

/** The destination with its ids mapped. What is gone stays named: the link is dangling then, and can be led anew. */
export function mapDestinationRefs(destination: Destination, map: ReferenceMap): Destination {
  const { gate } = destination;
  return withGate(mapPlace(destination, map), gate ? mapGate(gate, map) : null);
}

function mapPlace(place: Destination, { slide, item }: ReferenceMap): Destination {
  switch (place.to) {
    case 'slide':
      return { to: 'slide', slideId: slide(place.slideId) };
    case 'viewpoint':
      return { to: 'viewpoint', itemId: item(place.itemId) ?? place.itemId };
    case 'by-answer':
      return {
        ...place,
        questionId: item(place.questionId) ?? place.questionId,
        right: place.right === null ? null : slide(place.right),
        wrong: place.wrong === null ? null : slide(place.wrong),
        choices: Object.fromEntries(Object.entries(place.choices).map(([choice, id]) => [choice, slide(id)])),
      };
    default:
      return place;
  }
}

function mapGate(gate: Gate, { slide, item }: ReferenceMap): Gate {
  switch (gate.opens) {
    case 'seen':
      return { opens: 'seen', slideId: slide(gate.slideId) };
    case 'seen-count':
      return gate;
    default:
      return { opens: gate.opens, itemId: item(gate.itemId) ?? gate.itemId };
  }
}
