import { useQueryClient } from '@tanstack/react-query';
import type { Me } from '@gleddo/contract';
import { useEffect } from 'react';
import { Link, useParams } from 'react-router';
import { Brief } from '../../book/words/Brief';
import { topicsFor } from './topics';
import styles from './about.module.css';

/** All that is said of the pages of whoever is signed in. */
export default function GuidePage() {
  const { topic: wanted } = useParams();
  const role = useQueryClient().getQueryData<Me>(['me'])?.role ?? 'student';
  const topics = topicsFor(role);
  useEffect(() => {
    if (wanted !== undefined) document.getElementById(`about-${wanted}`)?.scrollIntoView();
  }, [wanted]);
  return (
    <>
      <div className="sheet-head">
        <h1>Guide</h1>
      </div>
      <main className="desk" tabIndex={0}>
        <div className={styles['page']}>
          <nav aria-label="What is explained">
            <ul className="plain-list">
              {topics.map(({ id, title }) => (
                <li key={id}>
                  <Link to={`/guide/${id}`} aria-current={id === wanted ? 'true' : undefined}>
                    {title}
                  </Link>
                </li>
              ))}
            </ul>
          </nav>
          <div className="paper">
            {topics.map(({ id, title, says }) => (
              <section key={id} id={`about-${id}`} className={styles['topic']} aria-label={title}>
                <h2>{title}</h2>
                <Brief text={says} />
              </section>
            ))}
          </div>
        </div>
      </main>
    </>
  );
}
