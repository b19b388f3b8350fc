import { defineConfig } from 'drizzle-kit';

export default defineConfig({
  dialect: 'postgresql',
  schema: './server/src/database/schema/*.ts',
  out: './server/migrations',
});
