import pg from 'pg';

/** A database of its own beside the one that a URL names, so that nothing of somebody's is touched. */
export async function freshDatabase(url) {
  const name = `gleddo_bench_${Date.now()}`;
  const said = async (sql) => {
    const client = new pg.Client({ connectionString: url });
    await client.connect();
    await client.query(sql);
    await client.end();
  };
  await said(`create database ${name}`);
  const own = new URL(url);
  own.pathname = `/${name}`;
  return { url: own.href, drop: () => said(`drop database ${name} with (force)`) };
}
