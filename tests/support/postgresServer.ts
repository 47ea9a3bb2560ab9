import type { TestProject } from 'vitest/node'
import type {} from '../../server/testing/globalSetup'
import { startPostgres } from './startPostgres'

/** A server of PostgreSQL for all tests of a project. */
export default async function setup({ provide }: TestProject) {
  const server = await startPostgres()
  provide('postgresServer', server.url)
  return server.stop
}
