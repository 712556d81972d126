// `npm run typecheck`: the types of everything, or of the parts that are named (app, core/test, e2e
// ...).
import { checkAll, finish, typeChecks } from './checks.mjs';

const named = process.argv.slice(2);
await checkAll(typeChecks(named.length > 0 ? named : undefined));
finish();
