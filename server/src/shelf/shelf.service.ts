import { Injectable } from '@nestjs/common';
import type { ExerciseAnswer, Me, ReadyShown } from '@gleddo/contract';
import { exerciseToJson, writeExercise, type Exercise } from '@gleddo/core';
import { fromShelf, readyFacts, SHELF, SUBJECTS } from '@gleddo/core/shelf';
import { ExerciseFilesService } from '../exercise-files/exercise-files.service.js';
import { notFound } from '../http/problem.js';

/** The shelf: the same for everybody, and nobody’s until it is taken. */
@Injectable()
export class ShelfService {
  private shown: ReadyShown[] | null = null;

  constructor(private readonly files: ExerciseFilesService) {}

  list(): ReadyShown[] {
    this.shown ??= SHELF.map(({ id, subject, title, says, company }) => {
      const { name, trade, legalForm } = company;
      const about = { id, subject: SUBJECTS[subject], title, says };
      return { ...about, company: name, trade, legalForm, ...readyFacts(this.of(id)) };
    });
    return this.shown;
  }

  look(id: string): object {
    return exerciseToJson(this.of(id));
  }

  take(me: Me, id: string): Promise<ExerciseAnswer> {
    return this.files.take(me, Buffer.from(writeExercise(this.of(id))), id);
  }

  private of(id: string): Exercise {
    const ready = fromShelf(id);
    if (!ready) throw notFound('This exercise of the shelf');
    return ready;
  }
}
