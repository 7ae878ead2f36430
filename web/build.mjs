// Fetches what the pages need and builds them, each only where what it is made from has changed since the last time.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

const PACKAGES = ['package.json', 'package-lock.json']
const SOURCES = [...PACKAGES, 'index.html', 'vite.config.ts', 'tsconfig.json', 'public', 'src', '../docs/openapi.json']
const MADE = join('src', 'api', 'contract.ts') // from openapi.json

function filesOf(path) {
  if (!statSync(path).isDirectory()) return path === MADE ? [] : [path]
  return readdirSync(path)
    .sort()
    .flatMap((name) => filesOf(join(path, name)))
}

function digest(paths) {
  const hash = createHash('sha256').update(process.version)
  for (const file of paths.flatMap(filesOf)) hash.update(file).update('\0').update(readFileSync(file)).update('\0')
  return hash.digest('hex')
}

function run(...args) {
  // npm is a script on Windows, which only a shell runs.
  const { status } = spawnSync('npm', args, { stdio: 'inherit', shell: process.platform === 'win32' })
  if (status !== 0) process.exit(status ?? 1)
}

/** Does it, unless it was done with the same digest before and its outcome is still there. */
function unlessDone(name, paths, outcome, work) {
  const mark = join('target', `${name}.digest`)
  const now = digest(paths)
  if (existsSync(outcome) && existsSync(mark) && readFileSync(mark, 'utf8') === now) return
  rmSync(mark, { force: true })
  work()
  mkdirSync('target', { recursive: true })
  writeFileSync(mark, now)
}

unlessDone('packages', PACKAGES, 'node_modules', () => run('ci', '--no-audit', '--no-fund'))
unlessDone('pages', SOURCES, join('dist', 'index.html'), () => run('run', 'build'))
