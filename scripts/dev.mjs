// @ts-check
import { ensureDependencies, run } from './setup.mjs';

ensureDependencies();
run('npx', ['expo', 'start', '--web'], { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1' });
