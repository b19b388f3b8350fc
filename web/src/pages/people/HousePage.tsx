import { useQuery } from '@tanstack/react-query';
import type { HouseShown } from '@gleddo/contract';
import { Descriptions, Input } from 'antd';
import { useState } from 'react';
import { get } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { momentText } from '../../platform/figures/days';
import { useSettled } from '../../platform/kept/use-settled';
import { LeavingList } from '../../platform/leaving/LeavingList';
import { LeavingTermForm } from '../../platform/leaving/LeavingTermForm';
import { Asking } from '../../platform/shell/Asking';
import { HappenedList } from './HappenedList';
import { Platforms } from './Platforms';

const LOOK_EVERY = 10_000;

/** For the head of the house: what runs, what waits, how large it is, the last backup, what was done by whom. */
export default function HousePage() {
  const house = useQuery({
    queryKey: ['house'],
    queryFn: () => get('house'),
    refetchInterval: LOOK_EVERY,
    staleTime: 0,
  });
  const [typed, setTyped] = useState('');
  const words = useSettled(typed.trim());
  return (
    <>
      <div className="sheet-head">
        <h1>The house</h1>
      </div>
      <main className="desk">
        <div className="columns">
          <div>
            {house.data ? <Running house={house.data} /> : <Asking of={house} what="The house" />}
            <Platforms />
            <section className="paper" aria-label="What is deleted">
              <h2>What is deleted</h2>
              <LeavingTermForm />
              <LeavingList />
            </section>
          </div>
          <section className="paper" aria-label="What was done">
            <h2>What was done</h2>
            <Input
              aria-label="Look for a person or a deed"
              placeholder="a person, or what was done: “password”, “gave back”"
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
            />
            <HappenedList words={words} />
          </section>
        </div>
      </main>
    </>
  );
}

const MB = 1_000_000;
function sizeText(bytes: number): string {
  if (bytes >= 1_000 * MB) return `${(bytes / MB / 1_000).toFixed(1)} GB`;
  return bytes >= MB ? `${Math.round(bytes / MB)} MB` : `${Math.ceil(bytes / 1_000)} kB`;
}

function Running({ house }: { house: HouseShown }) {
  const { isDiskFull, diskFree, lastBackup, backups } = house;
  return (
    <>
      <section className="paper" aria-label="What runs">
        <h2>What runs</h2>
        {isDiskFull && (
          <p className="refusal" role="alert">
            The disk is full: nothing is saved until there is room again. All can be read.
          </p>
        )}
        <Descriptions
          column={1}
          size="small"
          colon={false}
          styles={{ label: { width: 130, color: 'var(--quiet)' } }}
          items={[...runningItems(house)]}
        />
        {diskFree !== null && !isDiskFull && (
          <p className="quiet">{sizeText(diskFree)} of the disk are free.</p>
        )}
      </section>
      <section className="paper" aria-label="Letters">
        <h2>Letters</h2>
        <LettersSay letters={house.letters} />
      </section>
      <section className="paper" aria-label="Backup">
        <h2>Backup</h2>
        <BackupSays {...{ backups, lastBackup }} />
      </section>
    </>
  );
}

function runningItems(house: HouseShown) {
  const { engine, since, bytes, here, people, tries, toCheck, failed, tasksWaiting } = house;
  const items: readonly (readonly [label: string, children: string])[] = [
    ['Runs since', momentText(since)],
    ['Database', `${engine === 'embedded' ? 'its own' : 'PostgreSQL'}, ${sizeText(bytes)}`],
    ['People', `${people}, of whom ${here} within a quarter of an hour`],
    ['Works', `${tries}${failed > 0 ? `, ${failed} can’t be checked` : ''}`],
    ['To be checked', toCheck === 0 ? 'nothing waits' : counted(toCheck, 'work')],
    ['Other tasks', tasksWaiting === 0 ? 'nothing waits' : counted(tasksWaiting, 'task')],
  ];
  return items.map(([label, children]) => ({ key: label, label, children }));
}

function LettersSay({
  letters: { goesTo, folder, hour, sent, waiting, fault },
}: Pick<HouseShown, 'letters'>) {
  return (
    <>
      <p>
        {goesTo === 'mail' ? (
          'They go out by the mail server'
        ) : (
          <>
            No mail server is named with <code>GLEDDO_SMTP</code>: they are laid into{' '}
            <code>{folder}</code>
          </>
        )}
        , from {hour}:00 on. {counted(sent, 'letter')} went within a week
        {waiting > 0 && `, ${waiting} ${waiting === 1 ? 'waits' : 'wait'}`}.
      </p>
      {fault !== null && (
        <p className="refusal" role="alert">
          One could not go: {fault}
        </p>
      )}
    </>
  );
}

function BackupSays({ backups, lastBackup }: Pick<HouseShown, 'backups' | 'lastBackup'>) {
  if (!backups)
    return (
      <p>
        None is made by night. Name a folder for it with <code>GLEDDO_BACKUPS</code>, or make one
        now with <code>npx gleddo backup FILE</code>.
      </p>
    );
  return (
    <>
      <p>
        Each night from {backups.hour}:00 on, kept for {counted(backups.days, 'day')}, in{' '}
        <code>{backups.folder}</code>.
      </p>
      {!lastBackup && <p className="quiet">The first is still to come.</p>}
      {lastBackup && lastBackup.fault === null && (
        <p className="is-met">
          ✓ The last: {momentText(lastBackup.at)}, {sizeText(lastBackup.bytes)}, read again whole.
        </p>
      )}
      {lastBackup && lastBackup.fault !== null && (
        <p className="refusal" role="alert">
          The last could not be made ({momentText(lastBackup.at)}): {lastBackup.fault}
        </p>
      )}
    </>
  );
}
