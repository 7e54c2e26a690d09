/** How the JSON of a backup is built: published with every backup, so that it can be read in ten years. */
import { BACKUP_FORMAT } from './backup.js';

const text = { type: 'string' } as const;
const sha = { type: 'string', pattern: '^[0-9a-f]{64}$' } as const;
const box = {
  type: 'object',
  description: 'Slide units from the top left corner; rotation in degrees clockwise about the middle.',
  required: ['x', 'y', 'width', 'height', 'rotation'],
  properties: {
    x: { type: 'number' },
    y: { type: 'number' },
    width: { type: 'number', minimum: 0 },
    height: { type: 'number', minimum: 0 },
    rotation: { type: 'number' },
  },
} as const;

/** The JSON Schema of `backup.json` and, under `$defs`, of the decks in `decks/`. */
export const backupSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'A backup',
  description: 'What backup.json says. Each deck named in it is built as $defs/deck says.',
  type: 'object',
  required: ['format', 'version', 'made', 'decks', 'contents'],
  properties: {
    format: { const: BACKUP_FORMAT },
    version: { type: 'integer', minimum: 1 },
    made: { type: 'string', description: 'ISO 8601' },
    decks: {
      type: 'array',
      items: {
        type: 'object',
        required: ['file', 'title'],
        properties: { file: { type: 'string', pattern: '^decks/[\\w-]+\\.json$' }, title: text },
      },
    },
    lessons: {
      type: 'array',
      description:
        'Lessons: lesson.json, edition.json (as $defs/deck), work.json, submissions.json, reviews.json in a folder.',
      items: {
        type: 'object',
        required: ['folder', 'title'],
        properties: { folder: { type: 'string', pattern: '^(lessons/[\\w-]+/)?$' }, title: text },
      },
    },
    contents: {
      type: 'array',
      description: 'Bytes by their SHA-256.',
      items: {
        type: 'object',
        required: ['id', 'kind', 'file', 'bytes', 'mediaType'],
        properties: {
          id: sha,
          kind: { enum: ['picture', 'file'] },
          file: { type: 'string', pattern: '^(pictures|files)/[0-9a-f]{64}$' },
          bytes: { type: 'integer', minimum: 0 },
          mediaType: text,
        },
      },
    },
  },
  $defs: {
    deck: {
      type: 'object',
      required: ['title', 'slides', 'sections', 'items'],
      properties: {
        title: text,
        language: { type: ['string', 'null'], description: 'BCP 47' },
        slides: { type: 'object', additionalProperties: { $ref: '#/$defs/slide' } },
        sections: { type: 'object', additionalProperties: { $ref: '#/$defs/section' } },
        items: { type: 'object', additionalProperties: { $ref: '#/$defs/item' } },
      },
    },
    slide: {
      type: 'object',
      required: ['id', 'name', 'rank'],
      properties: {
        id: text,
        name: text,
        rank: { type: 'string', description: 'Slides and sections stand in the order of their ranks, as text.' },
        notes: { type: 'string', description: 'What its author says to it; for nobody else.' },
      },
    },
    section: {
      type: 'object',
      required: ['id', 'title', 'rank', 'depth'],
      properties: { id: text, title: text, rank: text, depth: { type: 'integer', minimum: 0 } },
    },
    item: {
      type: 'object',
      required: ['id', 'kind', 'slideId', 'frame', 'rank'],
      properties: {
        id: text,
        kind: { type: 'string', description: 'Such as text, shape, picture, line, table, zone, choice, blank.' },
        slideId: text,
        frame: box,
        rank: { type: 'string', description: 'From back to front.' },
        link: {
          type: ['object', 'null'],
          description: 'Where a press on it leads.',
          required: ['to'],
          properties: { to: text },
        },
        picture: { type: 'string', description: 'The SHA-256 of its bytes, or nothing.' },
      },
    },
  },
} as const;
