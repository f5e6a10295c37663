// @ts-check
import { ensureBuild, ensureDependencies, run } from './setup.mjs';

ensureDependencies();
ensureBuild();
run('npx', ['tsx', 'server/main.ts', '--demo']);
