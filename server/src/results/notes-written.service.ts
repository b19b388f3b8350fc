import { Inject, Injectable } from '@nestjs/common';
import type { Me, NoteWritten } from '@gleddo/contract';
import { eq } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import { handOuts, members, notes, tries } from '../database/schema/index.js';
import { ExercisesService } from '../exercises/exercises.service.js';
import { HandOutsService } from '../exercises/hand-outs.service.js';
import { DATABASE } from '../http/tokens.js';
import { LATE_REF } from '../points/late-charge.js';
import { isOfHint } from './hint-charges.js';

const MOST_TOLD = 12;

/** The same words with another end, or in other letters, are one note. */
const plain = (text: string): string => text.trim().replace(/[.!]$/, '').toLowerCase();

/** Which notes instructors have written again and again at an exercise, over all its classes. */
@Injectable()
export class NotesWrittenService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly exercises: ExercisesService,
    private readonly handOuts: HandOutsService,
  ) {}

  /** Those in more than one work, the most written first. */
  async of(me: Me, exerciseId: string): Promise<NoteWritten[]> {
    await this.exercises.rowOf(me, exerciseId, 'assist');
    const written = await this.handOuts.seenOf(me, exerciseId, await this.byHand(exerciseId));
    const groupsOf = await this.groupsOf(exerciseId);
    const found = new Map<string, { text: string; works: Map<string, string> }>();
    for (const { text, tryId, personId } of written) {
      const said = found.get(plain(text)) ?? { text, works: new Map<string, string>() };
      found.set(plain(text), said);
      said.works.set(tryId, personId);
    }
    return [...found.values()]
      .filter(({ works }) => works.size > 1)
      .sort((a, b) => b.works.size - a.works.size)
      .slice(0, MOST_TOLD)
      .map(({ text, works }) => ({
        ...{ text, works: works.size },
        byGroup: countedBy([...works.values()].flatMap((person) => groupsOf.get(person) ?? [])),
      }));
  }

  /** What the program itself writes, for hints and for coming late, is nobody's word. */
  private async byHand(exerciseId: string) {
    const rows = await this.db
      .select({ ref: notes.ref, text: notes.text, tryId: tries.id, personId: tries.personId })
      .from(notes)
      .innerJoin(tries, eq(tries.id, notes.tryId))
      .where(eq(tries.exerciseId, exerciseId));
    return rows.filter(({ ref }) => ref !== LATE_REF && !isOfHint(ref));
  }

  private async groupsOf(exerciseId: string): Promise<ReadonlyMap<string, readonly string[]>> {
    const rows = await this.db
      .select({ personId: members.personId, groupId: members.groupId })
      .from(handOuts)
      .innerJoin(members, eq(members.groupId, handOuts.groupId))
      .where(eq(handOuts.exerciseId, exerciseId));
    const found = new Map<string, string[]>();
    for (const { personId, groupId } of rows)
      found.set(personId, [...(found.get(personId) ?? []), groupId]);
    return found;
  }
}

function countedBy(names: readonly string[]): Record<string, number> {
  const counts: Record<string, number> = {};
  for (const name of names) counts[name] = (counts[name] ?? 0) + 1;
  return counts;
}
