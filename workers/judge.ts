import { expose } from 'comlink';
import { diagnose } from '../core/diagnosis/diagnose';
import { judge } from '../core/job/judgement';

// The first verdict of a fresh engine is several times slower than the rest: it is given before anybody asks.
diagnose({ findings: [{ id: 'pedal_spongy', state: 'yes' }] });

const desk = { judge };
export type JudgeDesk = typeof desk;

expose(desk);
