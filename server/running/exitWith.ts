/** Ends the program with one line that says why; nothing that was acknowledged is lost by it. */
export function exitWith(why: string, code = 1): never {
  console.error(why)
  process.exit(code)
}
