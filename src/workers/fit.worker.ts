import * as Comlink from 'comlink';
import { fitApi } from './fit-api';

// The engines start with an await. Were they imported up here, messages sent before it ended would be lost.
Comlink.expose(fitApi(import('./fit-core')));
