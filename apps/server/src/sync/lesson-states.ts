/** The states of lessons that somebody has open, as they are at this moment. */
import type { LessonState } from '@gobrel/core/lesson';
import { readLessonDocument } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import type * as Y from 'yjs';

@Injectable()
export class LessonStates {
  private find: (name: string) => Y.Doc | null = () => null;

  /** Says where open documents are found. */
  lookIn(find: (name: string) => Y.Doc | null): void {
    this.find = find;
  }

  /** The state of an open lesson document; `null` when nobody has it open. */
  of(name: string): LessonState | null {
    const doc = this.find(name);
    return doc && readLessonDocument(doc);
  }
}
